import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { frequencyHz } from "@/core/pitch";
import { transform } from "./fourier";
import { DEFAULT_DRIVE, throughGain } from "./gain";
import { impliedNote } from "./impliedNote";
import { beatsOf, simpleRatio } from "./intervals";
import { pairRoughness } from "./pairRoughness";
import { roughness } from "./roughness";
import { describeSound, measureRoughness, roughnessByDrive, type Sound } from "./sound";
import { atUnitPower, pluckedPartials } from "./spectrum";

const A4 = 440;
const [E2, G2, A2, B2, C3, E3] = [40, 43, 45, 47, 48, 52];
const CABINET = 75;

const soundOf = (pitches: readonly number[]): Sound => {
  const sound = describeSound(pitches);
  if (!sound) throw new Error("nothing sounds");
  return sound;
};
const clean = (pitches: readonly number[]) => measureRoughness(pitches).clean;

describe("beating of tempered intervals (from the definition, with ISO 16 pitches)", () => {
  const beatHz = (low: number, high: number) => beatsOf([low, high], A4)[0]?.hz ?? NaN;

  test("the fifth on C3 beats 0.44 times a second", () => {
    expect(beatHz(C3, 55)).toBeCloseTo(0.44, 2);
    expect(beatHz(C3, 55)).toBeCloseTo(Math.abs(3 * 130.8128 - 2 * 195.9977), 3);
  });

  test("fourth 4:3, major third 5:4, octave still", () => {
    expect(beatsOf([G2, C3], A4)).toMatchObject([{ ratio: [4, 3] }]);
    expect(beatHz(G2, C3)).toBeCloseTo(Math.abs(4 * 97.9989 - 3 * 130.8128), 3);
    expect(beatsOf([C3, E3], A4)).toMatchObject([{ ratio: [5, 4] }]);
    expect(beatHz(C3, E3)).toBeCloseTo(Math.abs(5 * 130.8128 - 4 * 164.8138), 3);
    expect(beatHz(E2, 52)).toBeCloseTo(0, 9);
  });

  test("the just ratios of music theory handbooks", () => {
    const ratios: Record<number, readonly [number, number] | null> = {
      2: null,
      3: [6, 5],
      4: [5, 4],
      5: [4, 3],
      7: [3, 2],
      8: [8, 5],
      9: [5, 3],
      12: [2, 1],
      14: [9, 4],
      19: [3, 1],
    };
    for (const [semitones, ratio] of Object.entries(ratios)) {
      expect(simpleRatio(2 ** (Number(semitones) / 12))).toEqual(ratio);
    }
  });
});

describe("the implied low note", () => {
  const implied = (pitches: readonly number[]) => impliedNote(pitches, A4, CABINET);

  test("a fifth gives the root an octave below, a fourth the root two octaves below", () => {
    expect(implied([E2, B2])).toMatchObject({ midi: E2 - 12, multiples: [2, 3] });
    expect(implied([B2, E3])).toMatchObject({ midi: E3 - 24, multiples: [3, 4] });
    expect(implied([E2, B2, E3])).toMatchObject({ midi: E2 - 12, multiples: [2, 3, 4] });
  });

  test("fifth, root, third give the same low note impurely: 1.2 Hz on G2 C3 E3", () => {
    const found = implied([G2, C3, E3]);
    expect(found).toMatchObject({ midi: C3 - 24, multiples: [3, 4, 5] });
    const [f5, fR, f3] = [G2, C3, E3].map((midi) => frequencyHz(midi)) as [number, number, number];
    expect(found?.beatHz).toBeCloseTo(Math.abs(f5 + f3 - 2 * fR), 6);
    expect(found?.beatHz).toBeCloseTo(1.2, 1);
    expect(implied([G2, C3])?.midi).toBe(C3 - 24);
  });

  test("is never said to be heard where the cabinet does not pass it", () => {
    expect(implied([E2, B2])?.audibility).toBe("implied");
    expect(implied([60, 67])?.audibility).toBe("heard");
    expect(implied([28, 33])?.audibility).toBe("below hearing");
    expect(impliedNote([E2, B2], A4, 40)?.audibility).toBe("heard");
  });

  test("one note, octaves and notes without a common root imply nothing", () => {
    expect(implied([E2])).toBeNull();
    expect(implied([E2, E3])).toBeNull();
    expect(implied([E2, E2 + 1, E2 + 2])).toBeNull();
    expect(implied([])).toBeNull();
  });
});

describe("roughness (order as in Plomp and Levelt 1965 and Sethares 1993)", () => {
  test("clean on C3: octave < fifth < fourth < major third, tritone < minor second", () => {
    const over = (semitones: number) => clean([C3, C3 + semitones]);
    expect(over(12)).toBeLessThan(over(7));
    expect(over(7)).toBeLessThan(over(5));
    expect(over(5)).toBeLessThan(over(4));
    expect(over(6)).toBeLessThan(over(1));
  });

  test("a fifth is the rougher the lower it lies", () => {
    const fifths = [30, 40, 48, 60, 72].map((low) => clean([low, low + 7]));
    expect([...fifths].sort((a, b) => b - a)).toEqual(fifths);
  });

  test("one pair rubs most at about a quarter of the critical band, and not at all in unison", () => {
    const pair = (apartHz: number) =>
      roughness([
        { hz: 440, amplitude: 1 },
        { hz: 440 + apartHz, amplitude: 1 },
      ]);
    // 0.24 / s with s = 0.24 / (0.0207 * 440 + 18.96): the maximum of exp(-3.51 x) - exp(-5.75 x)
    // lies at x = ln(5.75 / 3.51) / (5.75 - 3.51) = 0.2203.
    const peakHz = (0.2203 / 0.24) * (0.0207 * 440 + 18.96);
    expect(pair(0)).toBe(0);
    expect(pair(peakHz)).toBeGreaterThan(pair(peakHz - 3));
    expect(pair(peakHz)).toBeGreaterThan(pair(peakHz + 3));
    expect(pair(400)).toBeLessThan(0.01 * pair(peakHz));
  });

  test("is told against the plain fifth on the lowest string", () => {
    expect(soundOf([E2, B2]).roughness).toEqual({ clean: 1, gain: 1 });
    expect(soundOf([60, 67]).roughness.clean).toBeLessThan(1);
  });
});

describe("gain", () => {
  test("makes difference tones that the clean sound has not", () => {
    const notes = [E2, B2].map((midi) => pluckedPartials(frequencyHz(midi)));
    const near = (hz: number, partials: readonly { hz: number; amplitude: number }[]) =>
      Math.max(0, ...partials.filter((p) => Math.abs(p.hz - hz) < 1.5).map((p) => p.amplitude));
    const out = atUnitPower(throughGain(notes, { cabinetHz: 1 }));
    const differenceHz = frequencyHz(B2) - frequencyHz(E2);
    expect(near(differenceHz, out)).toBeGreaterThan(0.1);
    expect(near(differenceHz, notes.flat())).toBe(0);
    const throughCabinet = atUnitPower(throughGain(notes));
    expect(near(differenceHz, throughCabinet)).toBeLessThan(near(differenceHz, out));
  });

  test("a chord with its third loses more by gain than a power chord (common practice)", () => {
    const loss = (pitches: readonly number[]) => {
      const { clean: before, gain } = soundOf(pitches).roughness;
      return gain / before;
    };
    expect(loss([E2, 44, B2])).toBeGreaterThan(loss([E2, B2]));
    expect(loss([E2, B2, E3, 56, 59, 64])).toBeGreaterThan(2 * loss([E2, B2, E3]));
  });

  test("the transform agrees with the sum that defines it", () => {
    const size = 16;
    const re = Float64Array.from({ length: size }, (_, n) => Math.sin(n * n));
    const im = Float64Array.from({ length: size }, (_, n) => Math.cos(3 * n));
    const fast = { re: re.slice(), im: im.slice() };
    transform(fast);
    for (let k = 0; k < size; k++) {
      let [sumRe, sumIm] = [0, 0];
      for (let n = 0; n < size; n++) {
        const angle = (-2 * Math.PI * k * n) / size;
        sumRe += (re[n] ?? 0) * Math.cos(angle) - (im[n] ?? 0) * Math.sin(angle);
        sumIm += (re[n] ?? 0) * Math.sin(angle) + (im[n] ?? 0) * Math.cos(angle);
      }
      expect(fast.re[k]).toBeCloseTo(sumRe, 9);
      expect(fast.im[k]).toBeCloseTo(sumIm, 9);
    }
    expect(() => transform({ re: new Float64Array(3), im: new Float64Array(3) })).toThrow(
      RangeError,
    );
  });
});

describe("weight and clarity", () => {
  test("the fifth in the bass is heavier than the root on the same string (common practice)", () => {
    expect(soundOf([E2, A2]).weight.points).toBeGreaterThan(soundOf([E2, B2]).weight.points);
  });

  test("lower is heavier; thirds low down are less clear than fives", () => {
    expect(soundOf([E2, B2]).weight.points).toBeGreaterThan(soundOf([45, 52]).weight.points);
    expect(soundOf([E2, 44, B2]).clarity.points).toBeLessThan(soundOf([E2, B2]).clarity.points);
  });

  test("figures are the sum of their parts, and finite, for anything that a guitar sounds", () => {
    const pitches = fc.array(fc.integer({ min: 20, max: 90 }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(pitches, (midi) => {
        const { weight, clarity, roughness: ratios } = soundOf(midi);
        for (const { points, parts } of [weight, clarity]) {
          expect(Object.values(parts).reduce((sum, part) => sum + part, 0)).toBeCloseTo(points, 9);
        }
        expect(Object.values(ratios).every(Number.isFinite)).toBe(true);
        expect(Number.isFinite(weight.points + clarity.points)).toBe(true);
      }),
      { numRuns: 12 },
    );
  });

  test("silence has no sound", () => {
    expect(describeSound([])).toBeNull();
  });
});

test("roughness over gain is told beside the plain fifth, and at its gain is the one told alone", () => {
  const [gentle, usual] = roughnessByDrive([48, 55], [1, DEFAULT_DRIVE]);
  expect([gentle?.drive, usual?.drive]).toEqual([1, DEFAULT_DRIVE]);
  expect(usual?.roughness).toBe(measureRoughness([48, 55]).gain);
  expect(usual?.fifth).toBe(measureRoughness([40, 47]).gain);
  expect(gentle?.roughness).not.toBe(usual?.roughness);
});

test("two notes weigh as rough as they measure, whichever comes first", () => {
  const fifth = clean([E2, B2]);
  for (const [low, high] of [
    [40, 47],
    [40, 52],
    [45, 46],
    [64, 71],
  ] as const) {
    expect(pairRoughness(low, high)).toBeCloseTo(clean([low, high]) / fifth, 9);
    expect(pairRoughness(high, low)).toBe(pairRoughness(low, high));
  }
});
