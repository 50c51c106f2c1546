import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { acrossMm, fingertipMm, fretDistanceMm, wireMm } from "./geometry";
import { naturalPath } from "./naturals";
import { makeNeck, type Neck, type NeckInput } from "./neck";
import { findPositions } from "./positions";
import { findUnisons } from "./unisons";

const STANDARD = [40, 45, 50, 55, 59, 64];

const neckOf = (input: Partial<NeckInput> = {}): Neck => {
  const neck = makeNeck({ midi: STANDARD, ...input });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};

describe("fret positions", () => {
  // The standard equal-tempered table of guitar-making handbooks, 648 mm and 25.5 in.
  test.each([
    [1, 36.37],
    [2, 70.7],
    [3, 103.1],
    [5, 162.55],
    [7, 215.51],
    [12, 324.0],
    [24, 486.0],
  ])("fret %i of 648 mm lies %d mm from the nut", (fret, mm) => {
    expect(fretDistanceMm(648, fret)).toBeCloseTo(mm, 2);
  });

  test.each([
    [1, 1.431],
    [2, 2.782],
    [3, 4.057],
    [4, 5.261],
    [5, 6.397],
  ])("fret %i of 25.5 in lies %d in from the nut", (fret, inches) => {
    expect(fretDistanceMm(25.5, fret)).toBeCloseTo(inches, 3);
  });

  test("a fingertip lands a quarter of the fret space behind the wire", () => {
    const neck = neckOf();
    expect(fingertipMm(neck, 0, 1)).toBeCloseTo(36.37 * 0.75, 2);
  });
});

describe("fanned frets", () => {
  const fanned = neckOf({ scaleMm: 711, trebleScaleMm: 660, perpendicularFret: 8 });

  test("all strings agree at the perpendicular fret", () => {
    for (let string = 1; string < 6; string++) {
      expect(wireMm(fanned, string, 8)).toBeCloseTo(wireMm(fanned, 0, 8), 9);
    }
  });

  test("the thick side lies nearer the headstock at the nut, and nearer the bridge up the neck", () => {
    expect(wireMm(fanned, 0, 0)).toBe(0);
    expect(wireMm(fanned, 5, 0)).toBeGreaterThan(0);
    expect(wireMm(fanned, 5, 20)).toBeLessThan(wireMm(fanned, 0, 20));
  });

  test("on any neck, wires and strings keep their order", () => {
    const scale = fc.double({ min: 500, max: 800, noNaN: true });
    fc.assert(
      fc.property(scale, scale, fc.integer({ min: 0, max: 12 }), (scaleMm, trebleScaleMm, fret) => {
        const neck = neckOf({ scaleMm, trebleScaleMm, perpendicularFret: fret });
        for (let string = 0; string < 6; string++) {
          for (let n = 1; n <= neck.frets; n++) {
            expect(wireMm(neck, string, n)).toBeGreaterThan(wireMm(neck, string, n - 1));
            expect(fingertipMm(neck, string, n)).toBeLessThan(wireMm(neck, string, n));
          }
          if (string > 0)
            expect(acrossMm(neck, string, 5)).toBeGreaterThan(acrossMm(neck, string - 1, 5));
        }
      }),
      { numRuns: 30 },
    );
  });
});

describe("capo", () => {
  test("a capo raises every string and takes its frets away", () => {
    const neck = neckOf({ capo: 3, frets: 22 });
    expect(neck.midi).toEqual([43, 48, 53, 58, 62, 67]);
    expect(neck.frets).toBe(19);
  });

  test("it equals a neck of scale L 2^(-c/12), fret by fret", () => {
    const capo = neckOf({ capo: 4, scaleMm: 648 });
    const short = neckOf({ scaleMm: 648 * 2 ** (-4 / 12) });
    for (let fret = 1; fret < 20; fret++) {
      const withCapo = wireMm(capo, 0, fret) - wireMm(capo, 0, 0);
      expect(withCapo).toBeCloseTo(wireMm(short, 0, fret), 9);
    }
  });
});

describe("positions", () => {
  // Common practice: on the low E string the landmarks 3 5 7 9 12 are G A B C# E.
  test("the landmarks of the low E string", () => {
    const places = (pc: number) =>
      findPositions(neckOf({ frets: 12 }), [pc]).filter(({ string }) => string === 0);
    expect([7, 9, 11, 1].map((pc) => places(pc).map(({ fret }) => fret))).toEqual([
      [3],
      [5],
      [7],
      [9],
    ]);
    expect(places(4).map(({ fret }) => fret)).toEqual([0, 12]);
  });

  test("every place counts, and no other", () => {
    const neck = neckOf({ frets: 24 });
    const found = findPositions(neck, [2, 9]);
    const all = STANDARD.flatMap((open, string) =>
      Array.from({ length: 25 }, (_, fret) => ({ string, fret })).filter(({ fret }) =>
        [2, 9].includes((open + fret) % 12),
      ),
    );
    expect(found).toEqual(all);
  });
});

describe("bad measures name their field", () => {
  test.each([
    [{ midi: [] }, "tuning", /0 strings/],
    [{ midi: Array(11).fill(40) }, "tuning", /11 strings/],
    [{ midi: [40, NaN] }, "tuning", /string 1/],
    [{ midi: [40, 300] }, "tuning", /string 1: 300/],
    [{ frets: 0 }, "frets", /1 to 36/],
    [{ frets: 37 }, "frets", /1 to 36/],
    [{ frets: 12.5 }, "frets", /whole/],
    [{ capo: 24 }, "capo", /0 to 23/],
    [{ scaleMm: 50 }, "scaleMm", /300 to 1200/],
    [{ trebleScaleMm: Infinity }, "trebleScaleMm", /300 to 1200/],
    [{ nutMm: -1 }, "nutMm", /number/],
  ])("%j", (input, field, reason) => {
    const neck = makeNeck({ midi: STANDARD, ...input });
    expect(neck).toMatchObject({ ok: false, problem: { field } });
    expect(neck.ok ? "" : neck.problem.message).toMatch(reason);
  });
});

describe("natural notes", () => {
  test("by whole and half steps: B-C and E-F are one fret apart (common practice)", () => {
    const path = naturalPath(neckOf({ frets: 12 }), 0);
    expect(path.map(({ fret }) => fret)).toEqual([0, 1, 3, 5, 7, 8, 10, 12]);
    expect(path.map(({ toNext }) => toNext)).toEqual([1, 2, 2, 2, 1, 2, 2, 1]);
    expect(path[0]?.midi).toBe(40);
  });

  // Where the next string is a fourth higher, E-F lies on the frets of B-C (common practice).
  test("frets 7 to 8 on strings 6 and 5", () => {
    const halves = (string: number) =>
      naturalPath(neckOf({ frets: 12 }), string)
        .filter(({ toNext }) => toNext === 1)
        .map(({ fret }) => fret);
    expect(halves(0)).toContain(7);
    expect(halves(1)).toContain(7);
  });
});

describe("the same pitch elsewhere", () => {
  // Tuning by the fifth fret: each string at 5 is the next one open, at 4 from string 3 to 2.
  test.each([
    [0, 1],
    [1, 2],
    [2, 3],
    [4, 5],
  ])("string %i at 5 is string %i open", (string, next) => {
    expect(findUnisons(neckOf(), { string, fret: 5 })).toContainEqual({ string: next, fret: 0 });
  });

  test("is mutual, and never on the string itself", () => {
    const neck = neckOf({ frets: 24 });
    const place = fc.record({
      string: fc.integer({ min: 0, max: 5 }),
      fret: fc.integer({ min: 0, max: 24 }),
    });
    fc.assert(
      fc.property(place, (here) => {
        for (const there of findUnisons(neck, here)) {
          expect(there.string).not.toBe(here.string);
          expect(findUnisons(neck, there)).toContainEqual(here);
        }
      }),
    );
  });
});
