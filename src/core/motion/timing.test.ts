import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { positionOf, rankFingers } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { changeBetween, makeChangeCost } from "./change";
import { availableMs, fittsMs, leastSinceStrumMs, LEVELS, neededMs, TIMING } from "./timing";

const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64] });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;
const held = (fretting: readonly (number | null)[], fingers: string) => {
  const found = rankFingers(neck, fretting).find((way) => way.fingers.join("") === fingers);
  if (!found) throw new Error(`${fretting.join()} is not held ${fingers}`);
  return found;
};
const change = (from: ReturnType<typeof held>, to: ReturnType<typeof held>) =>
  changeBetween(neck, from, positionOf(neck, from), to);

const G5 = held([3, 5, 5, null, null, null], "134000");
const A5 = held([5, 7, 7, null, null, null], "134000");
const C5 = held([null, 3, 5, 5, null, null], "013400");

describe("Fitts's law in Shannon's form", () => {
  // Fitts 1954 (J. Exp. Psychol. 47), 1-oz stylus, movement time in ms; from memory.
  const amplitudes = [2, 4, 8, 16];
  const table: readonly (readonly [width: number, ms: readonly number[]])[] = [
    [0.25, [392, 484, 580, 731]],
    [0.5, [281, 372, 469, 595]],
    [1, [212, 260, 357, 481]],
    [2, [180, 203, 279, 388]],
  ];

  test("has the form of his table: r = 0.994 with 27.7 + 111.5 ms a bit", () => {
    const rows = table.flatMap(([width, times]) =>
      times.map((ms, at) => ({ bits: fittsMs(BITS, amplitudes[at] ?? NaN, width), ms })),
    );
    const mean = (of: (row: (typeof rows)[number]) => number) =>
      rows.reduce((sum, row) => sum + of(row), 0) / rows.length;
    const [x, y] = [mean(({ bits }) => bits), mean(({ ms }) => ms)];
    const xy = mean(({ bits, ms }) => (bits - x) * (ms - y));
    const [xx, yy] = [mean(({ bits }) => (bits - x) ** 2), mean(({ ms }) => (ms - y) ** 2)];
    expect(xy / xx).toBeCloseTo(111.5, 0);
    expect(y - (xy / xx) * x).toBeCloseTo(27.7, 0);
    expect(xy / Math.sqrt(xx * yy)).toBeCloseTo(0.994, 3);
  });

  const BITS = { aMs: 0, bMsPerBit: 1 };
});

describe("what players do (common practice)", () => {
  const upTwo = change(G5, A5);

  test("in their first months a two-fret move fits between eighths at 80 a minute", () => {
    expect(neededMs(upTwo, TIMING.first)).toBeLessThan(60_000 / 80 / 2 + 12);
  });

  test("fluent, it fits between eighths at 180", () => {
    expect(neededMs(upTwo, TIMING.fluent)).toBeLessThan(60_000 / 180 / 2 + 12);
  });

  test("each level is faster than the one before", () => {
    const times = LEVELS.map((level) => neededMs(change(A5, C5), TIMING[level]));
    expect(times).toEqual([...times].sort((a, b) => b - a));
  });
});

describe("what moves", () => {
  test("a five that slides two frets keeps its shape and its strings", () => {
    expect(change(G5, A5)).toMatchObject({
      slid: [1, 3, 4],
      landed: [],
      lifted: [],
      isShapeKept: true,
      isTowardNut: false,
      stringsCrossed: 0,
    });
  });

  test("across to the next strings every finger is lifted and lands", () => {
    expect(change(G5, C5)).toMatchObject({
      travelMm: 0,
      slid: [],
      lifted: [1, 3, 4],
      landed: [1, 3, 4],
      isShapeKept: true,
      stringsCrossed: 1,
    });
  });

  test("the same grip again costs and takes nothing", () => {
    const none = change(A5, A5);
    expect(none).toMatchObject({ cost: 0, travelMm: 0, kept: [1, 3, 4], landed: [] });
    expect(neededMs(none, TIMING.steady)).toBe(0);
  });

  test("down takes longer than up, since the hand must open", () => {
    const [up, down] = [change(G5, A5), change(A5, G5)];
    expect(down.isTowardNut).toBe(true);
    expect(neededMs(down, TIMING.steady) - neededMs(up, TIMING.steady)).toBeGreaterThan(0);
  });

  test("the time of a slide is a + b log2(D / W + 1), W half of the fret space where it ends", () => {
    const { aMs, bMsPerBit } = TIMING.steady;
    const slide = change(G5, A5);
    // Frets 5 and 4 of 648 mm lie 162.55 and 133.68 mm from the nut (twelfth root of two).
    expect(slide.arrivalSpaceMm).toBeCloseTo(162.55 - 133.68, 1);
    const bits = Math.log2(slide.travelMm / (slide.arrivalSpaceMm / 2) + 1);
    expect(neededMs(slide, TIMING.steady)).toBeCloseTo(aMs + bMsPerBit * bits, 9);
  });
});

test("the time that is needed is left after just the least time since the strum", () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 2000, noNaN: true }), (needed) => {
      expect(availableMs(leastSinceStrumMs(needed))).toBeCloseTo(needed, 6);
    }),
  );
});

test("a route adds up the very cost that a change tells", () => {
  const grips = [G5, A5, C5, held([0, 2, 2, null, null, null], "034000")];
  const costOf = makeChangeCost(neck);
  for (const from of grips) {
    for (const to of grips) {
      expect(costOf(from, positionOf(neck, from), to)).toBeCloseTo(change(from, to).cost, 9);
    }
  }
});
