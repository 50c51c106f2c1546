import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { positionOf, rankFingers } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { changeBetween, makeChangeCost } from "./change";
import { type ChangeDemands } from "./demands";
import { demandsWith } from "./testing";
import { difficultyBits, LEVELS, neededMs, possibleMs, TIMING } from "./timing";

const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64] });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;
type Frets = readonly (number | null)[];
const held = (fretting: Frets, fingers: string) => {
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
      times.map((ms, at) => ({ bits: difficultyBits(amplitudes[at] ?? NaN, width), ms })),
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
});

const plain = demandsWith();

describe("what a change takes", () => {
  const demands = fc.record<ChangeDemands>({
    isMoving: fc.constant(true),
    travelMm: fc.double({ min: 0, max: 500, noNaN: true }),
    arrivalSpaceMm: fc.double({ min: 8, max: 45, noNaN: true }),
    placedFingers: fc.constantFrom(0, 1, 1.5, 2, 3, 4),
    laysBarre: fc.boolean(),
    laysSmallBarre: fc.boolean(),
    dropsBarre: fc.boolean(),
    overreachMm: fc.double({ min: 0, max: 60, noNaN: true }),
    clearsOpenStrings: fc.boolean(),
    isOneFinger: fc.boolean(),
    leavesOpenStrings: fc.boolean(),
  });
  const level = fc.constantFrom(...LEVELS);

  test("is more the further, the more fingers, the wider the reach and the less a player has played", () => {
    fc.assert(
      fc.property(demands, level, (change, of) => {
        for (const more of [
          { travelMm: change.travelMm + 10 },
          { placedFingers: change.placedFingers + 1 },
          { overreachMm: change.overreachMm + 5 },
          { laysBarre: true },
          { dropsBarre: true },
        ]) {
          for (const ms of [neededMs, possibleMs]) {
            const [less, now] = [ms(change, TIMING[of]), ms({ ...change, ...more }, TIMING[of])];
            expect(now).toBeGreaterThanOrEqual(less - 1e-9);
          }
        }
        const times = LEVELS.map((each) => neededMs(change, TIMING[each]));
        expect(times).toEqual([...times].sort((a, b) => b - a));
      }),
    );
  });

  test("is more than nothing wherever anything moves, and more than what is possible", () => {
    fc.assert(
      fc.property(demands, level, (change, of) => {
        expect(possibleMs(change, TIMING[of])).toBeGreaterThan(0);
        expect(neededMs(change, TIMING[of])).toBeGreaterThan(possibleMs(change, TIMING[of]));
      }),
    );
    expect(neededMs({ ...plain, isMoving: false }, TIMING.steady)).toBe(0);
  });

  test("has no cliff where the index begins to move", () => {
    const still = neededMs(plain, TIMING.first);
    expect(neededMs({ ...plain, travelMm: 0.01 }, TIMING.first) - still).toBeLessThan(0.1);
  });
});

describe("what moves", () => {
  test("a power chord that slides two frets keeps its shape and its strings", () => {
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

  test("the time of a slide is set + bit x log2(1 + D / W), W the fret space where it ends", () => {
    const { setMs, bitMs } = TIMING.steady;
    const slide = change(G5, A5);
    // Frets 5 and 4 of 648 mm lie 162.55 and 133.68 mm from the nut (twelfth root of two).
    expect(slide.arrivalSpaceMm).toBeCloseTo(162.55 - 133.68, 1);
    const bits = Math.log2(1 + slide.travelMm / slide.arrivalSpaceMm);
    expect(neededMs(slide, TIMING.steady)).toBeCloseTo(setMs + bitMs * bits, 9);
    expect(slide.frets).toBe(2);
    expect(change(A5, G5)).toMatchObject({ frets: -2, isTowardNut: true });
  });
});

describe("what a change asks of the fingers", () => {
  const x = null;
  const between = (from: readonly [Frets, string], to: readonly [Frets, string]) =>
    change(held(...from), held(...to));
  const E5 = [[0, 2, 2, x, x, x], "034000"] as const;
  const Am = [[x, 0, 2, 2, 1, 0], "002310"] as const;
  const C = [[x, 3, 2, 0, 1, 0], "032010"] as const;
  const F = [[1, 3, 3, 2, 1, 1], "134211"] as const;
  const Fm = [[1, 3, 3, 1, 1, 1], "134111"] as const;
  const smallF = [[x, x, 3, 2, 1, 1], "003211"] as const;
  const D = [[x, x, 0, 2, 3, 2], "000132"] as const;
  const A = [[x, 0, 2, 2, 2, 0], "002130"] as const;

  test.each<[string, readonly [Frets, string], readonly [Frets, string], object]>([
    ["fingers that stay need not be placed", Am, C, { placedFingers: 1, laysBarre: false }],
    ["a whole bar", Am, F, { placedFingers: 4, laysBarre: true, leavesOpenStrings: true }],
    ["a bar that stays is not laid again", F, Fm, { placedFingers: 0, laysBarre: false }],
    ["a bar that is given up", F, C, { dropsBarre: true, clearsOpenStrings: true }],
    ["a bar of two strings beside fingers", Am, smallF, { laysSmallBarre: true, laysBarre: false }],
    ["the index kept past a higher finger", D, A, { placedFingers: 2 }],
    ["a lift alone", E5, [[0, x, x, x, x, x], "000000"], { placedFingers: 0, isMoving: true }],
    ["a whole shape one string over", E5, [[x, 0, 2, 2, x, x], "003400"], { placedFingers: 1.5 }],
  ])("%s", (_, from, to, demands) => {
    expect(between(from, to)).toMatchObject(demands);
  });

  test("every one of them takes time", () => {
    for (const [from, to] of [
      [Am, C],
      [F, Fm],
      [F, C],
      [E5, [[0, x, x, x, x, x], "000000"]],
    ] as const) {
      expect(neededMs(between(from, to), TIMING.fluent)).toBeGreaterThan(0);
    }
  });
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
