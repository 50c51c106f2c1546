import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { makeNeck, type Neck } from "@/core/neck";
import { makeNeckScale, narrowestWidth } from "./neckScale";

const neckOf = (midi: readonly number[], frets: number): Neck => {
  const neck = makeNeck({ midi, frets });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};
const SIX = [40, 45, 50, 55, 59, 64];
const TEN = [20, 25, 30, 35, 40, 45, 50, 55, 59, 64];

describe("the drawing", () => {
  test.each([
    ["six strings, 22 frets", SIX, 22],
    ["ten strings, 36 frets", TEN, 36],
  ])("at its narrowest, marks of %s do not touch", (_, midi, frets) => {
    const neck = neckOf(midi, frets);
    for (const spacing of ["true", "even"] as const) {
      const scale = makeNeckScale(neck, narrowestWidth(neck, { spacing }), { spacing });
      for (let fret = 1; fret < frets; fret++) {
        const apart = Math.abs(scale.markX(0, fret + 1) - scale.markX(0, fret));
        // The widest form is 1.22 times as wide as high.
        expect(1.22 * (scale.markSize(fret) + scale.markSize(fret + 1))).toBeLessThan(apart + 1.5);
      }
      expect(2 * scale.markSize(1)).toBeLessThan(scale.stringY(0) - scale.stringY(1));
    }
  });

  test("the player's own view turns the strings round, not the frets", () => {
    const neck = neckOf(SIX, 24);
    const [chart, own] = [
      makeNeckScale(neck, 1200),
      makeNeckScale(neck, 1200, { thickOnTop: true }),
    ];
    expect(own.stringY(0)).toBe(chart.stringY(5));
    expect(own.wireX(0, 7)).toBe(chart.wireX(0, 7));
    expect([chart.bottomString, own.bottomString]).toEqual([0, 5]);
  });

  test("even frets are all as wide", () => {
    const scale = makeNeckScale(neckOf(SIX, 24), 1200, { spacing: "even" });
    const widths = Array.from({ length: 24 }, (_, n) => scale.wireX(0, n + 1) - scale.wireX(0, n));
    expect(Math.max(...widths)).toBeCloseTo(Math.min(...widths), 9);
  });
});

describe("the drawing at any width", () => {
  test("at any width, marks keep their order, stay on the board and do not overlap", () => {
    const strings = fc.integer({ min: 4, max: 10 });
    const width = fc.integer({ min: 700, max: 2400 });
    fc.assert(
      fc.property(strings, fc.integer({ min: 12, max: 24 }), width, (count, frets, px) => {
        const neck = neckOf(
          Array.from({ length: count }, (_, string) => 30 + 5 * string),
          frets,
        );
        const scale = makeNeckScale(neck, px);
        for (let fret = 1; fret <= frets; fret++) {
          const step = scale.markX(0, fret) - scale.markX(0, fret - 1);
          expect(step).toBeGreaterThan(0);
          if (fret > 1 && px >= 42 * frets) {
            expect(scale.markSize(fret) + scale.markSize(fret - 1)).toBeLessThanOrEqual(step);
          }
          expect(scale.markX(0, fret)).toBeLessThan(px);
        }
        const pitch = scale.stringY(0) - scale.stringY(1);
        expect(2 * scale.markSize(1)).toBeLessThanOrEqual(pitch);
      }),
      { numRuns: 50 },
    );
  });

  test("frets keep their true proportions: half the scale lies below fret 12", () => {
    const scale = makeNeckScale(neckOf(SIX, 24), 1232);
    const nut = scale.wireX(0, 0);
    const ratio = (scale.wireX(0, 12) - nut) / (scale.wireX(0, 24) - nut);
    expect(ratio).toBeCloseTo(324 / 486, 6);
  });
});

test("a left-handed neck is the mirror of the other", () => {
  const neck = makeNeck({ midi: SIX, frets: 22, scaleMm: 686, trebleScaleMm: 648, capo: 2 });
  if (!neck.ok) throw new Error(neck.problem.message);
  const right = makeNeckScale(neck.value, 1200);
  const left = makeNeckScale(neck.value, 1200, { leftHanded: true });
  for (const string of [0, 3, 5]) {
    for (const fret of [0, 1, 12, 20]) {
      expect(left.wireX(string, fret) + right.wireX(string, fret)).toBeCloseTo(1200, 9);
      expect(left.markX(string, fret) + right.markX(string, fret)).toBeCloseTo(1200, 9);
    }
  }
  expect(left.labelX).toBeGreaterThan(left.silentX);
  expect([left.direction, right.direction]).toEqual([-1, 1]);
});
