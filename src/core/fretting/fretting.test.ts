import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { makeNeck, type Neck, type NeckInput } from "@/core/neck";
import { pitchClass } from "@/core/pitch";
import { VOICINGS, type Voicing } from "@/core/voicing";
import { bruteForceVoicing, spanFrets } from "./testing";
import { TooManyFrettings } from "./collect";
import {
  alongReachMm,
  checkFretting,
  compareFrettings,
  soundingMidi,
  tonesOverRoot,
  type Fretting,
} from "./fretting";
import { readFretting } from "./readFretting";
import { checkToneSet, findSetFrettings } from "./setFrettings";
import { findVoicingFrettings } from "./voicingFrettings";

const neckOf = (midi: readonly number[], input: Partial<NeckInput> = {}): Neck => {
  const neck = makeNeck({ midi, frets: 12, ...input });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};

const TUNINGS: Readonly<Record<string, readonly number[]>> = {
  standard: [40, 45, 50, 55, 59, 64],
  "drop D": [38, 45, 50, 55, 59, 64],
  DADGAD: [38, 45, 50, 55, 57, 62],
  "open G": [38, 43, 50, 55, 59, 62],
  "all fourths": [40, 45, 50, 55, 60, 65],
};

describe("the search equals a scan of every fretting there is", () => {
  test.each(Object.entries(TUNINGS))("%s, 6 strings, 12 frets", (_, midi) => {
    const neck = neckOf(midi);
    const found = new Map<string, Fretting[]>();
    // One pass over all 14^6 frettings: each is sorted into every root and voicing that it is.
    forEveryFretting(neck, (fretting) => {
      const sounding = [...soundingMidi(neck, fretting)].sort((a, b) => a - b);
      for (const { name, semitones } of VOICINGS) {
        const root = (sounding[0] ?? 0) - (semitones[0] ?? 0);
        const fits =
          semitones.length === sounding.length &&
          semitones.every((tone, index) => sounding[index] === root + tone);
        if (!fits) continue;
        const key = `${pitchClass(root)} ${name}`;
        found.set(key, [...(found.get(key) ?? []), fretting]);
      }
    });
    for (const { name, semitones } of VOICINGS) {
      for (let root = 0; root < 12; root++) {
        const scanned = (found.get(`${root} ${name}`) ?? []).sort(compareFrettings);
        expect(findVoicingFrettings(neck, root, semitones, {})).toEqual(scanned);
        const within = scanned.filter((fretting) => spanFrets(fretting) <= 4);
        expect(findVoicingFrettings(neck, root, semitones, { maxSpanFrets: 4 })).toEqual(within);
      }
    }
  });
});

describe("on any small neck", () => {
  const anyTuning = fc.array(fc.integer({ min: 28, max: 66 }), { minLength: 1, maxLength: 5 });
  const anyVoicing = fc
    .array(fc.integer({ min: -12, max: 24 }), { minLength: 1, maxLength: 4 })
    .map((tones): Voicing => [...tones].sort((a, b) => a - b));
  const anyRoot = fc.integer({ min: 0, max: 11 });

  test("the search equals brute force for any voicing, unisons and crossed strings too", () => {
    fc.assert(
      fc.property(
        anyTuning,
        anyVoicing,
        anyRoot,
        fc.integer({ min: 0, max: 7 }),
        (midi, voicing, root, span) => {
          const neck = neckOf(midi, { frets: 7 });
          const found = findVoicingFrettings(neck, root, voicing, { maxSpanFrets: span });
          expect(found).toEqual(bruteForceVoicing(neck, root, voicing, span));
        },
      ),
    );
  });

  test("a reach in mm keeps just the frettings within it, on fanned frets too", () => {
    const reach = fc.double({ min: 0, max: 200, noNaN: true });
    fc.assert(
      fc.property(anyTuning, anyVoicing, anyRoot, reach, (midi, voicing, root, reachMm) => {
        const neck = neckOf(midi, { frets: 7, scaleMm: 700, trebleScaleMm: 640 });
        const all = findVoicingFrettings(neck, root, voicing, {});
        const within = all.filter((fretting) => alongReachMm(neck, fretting) <= reachMm);
        expect(findVoicingFrettings(neck, root, voicing, { reachMm })).toEqual(within);
      }),
    );
  });

  test("raising every string and the root alike finds the same frettings", () => {
    fc.assert(
      fc.property(
        anyTuning,
        anyVoicing,
        anyRoot,
        fc.integer({ min: 0, max: 11 }),
        (midi, voicing, root, up) => {
          const limit = { maxSpanFrets: 5 };
          const raised = neckOf(midi.map((pitch) => pitch + up));
          expect(findVoicingFrettings(raised, pitchClass(root + up), voicing, limit)).toEqual(
            findVoicingFrettings(neckOf(midi), root, voicing, limit),
          );
        },
      ),
    );
  });

  test("turning the strings round turns the frettings round", () => {
    fc.assert(
      fc.property(anyTuning, anyVoicing, anyRoot, (midi, voicing, root) => {
        const mirrored = findVoicingFrettings(neckOf([...midi].reverse()), root, voicing, {})
          .map((fretting) => [...fretting].reverse())
          .sort(compareFrettings);
        expect(mirrored).toEqual(findVoicingFrettings(neckOf(midi), root, voicing, {}));
      }),
    );
  });

  test("free mode equals a scan of every fretting", () => {
    const degrees = fc.uniqueArray(fc.integer({ min: 0, max: 11 }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(
        anyTuning,
        degrees,
        anyRoot,
        fc.integer({ min: 0, max: 5 }),
        (midi, allowed, root, span) => {
          const neck = neckOf(midi.slice(0, 4), { frets: 5 });
          const required = allowed.slice(1);
          const scanned: Fretting[] = [];
          forEveryFretting(neck, (fretting) => {
            const heard = soundingMidi(neck, fretting).map((pitch) => pitchClass(pitch - root));
            const fits =
              heard.length >= 1 &&
              heard.length <= 3 &&
              heard.every((degree) => allowed.includes(degree)) &&
              required.every((degree) => heard.includes(degree)) &&
              spanFrets(fretting) <= span;
            if (fits) scanned.push(fretting);
          });
          const set = { allowed, required, minNotes: 1, maxNotes: 3 };
          const found = findSetFrettings(neck, root, set, { maxSpanFrets: span });
          expect(found).toEqual(scanned.sort(compareFrettings));
        },
      ),
      { numRuns: 60 },
    );
  });
});

test("0 2 2 x 0 0 is root and fifth in free mode (common practice)", () => {
  const set = { allowed: [0, 7], required: [0, 7], minNotes: 5, maxNotes: 5 };
  const found = findSetFrettings(neckOf(TUNINGS.standard ?? []), 4, set, { maxSpanFrets: 2 });
  expect(found).toContainEqual([0, 2, 2, null, 0, 0]);
});

test("a search without end stops with a clear word", () => {
  const neck = neckOf(
    Array.from({ length: 10 }, (_, i) => 30 + i),
    { frets: 36 },
  );
  const set = { allowed: [...Array(12).keys()], required: [], minNotes: 1, maxNotes: 10 };
  expect(() => findSetFrettings(neck, 0, set, {})).toThrow(TooManyFrettings);
});

test("tones are told from the lowest sounding root", () => {
  const neck = neckOf(TUNINGS.standard ?? []);
  expect(tonesOverRoot(neck, [null, 3, 5, 5, null, null], 0)).toEqual([null, 0, 7, 12, null, null]);
  expect(tonesOverRoot(neck, [3, 3, 2, null, null, null], 0)).toEqual([-5, 0, 4, null, null, null]);
});

describe("bad input names what is wrong", () => {
  const neck = neckOf(TUNINGS.standard ?? []);
  test.each([
    [[0, 2, 2], /3 strings; this neck has 6/],
    [[0, 2, 2, null, null, 13], /string 1: fret 13/],
    [[-1, 2, 2, null, null, null], /string 6: fret -1/],
    [[0, NaN, 2, null, null, null], /string 5/],
  ])("%j", (fretting, reason) => {
    const checked = checkFretting(neck, fretting);
    expect(checked.ok ? "" : checked.problem.message).toMatch(reason);
  });

  test.each([
    ["x 5 7 7 x x", [null, 5, 7, 7, null, null]],
    ["0-2-2-x-0-0", [0, 2, 2, null, 0, 0]],
    [" X,10,12,12,x,x ", [null, 10, 12, 12, null, null]],
    ["577xxx", [5, 7, 7, null, null, null]],
  ])("a fretting is read however it is written: '%s'", (text, frets) => {
    expect(readFretting(text)).toEqual({ ok: true, value: frets });
  });

  test.each(["", "x 5 h x", "5 777 x", "x 5 ? x", "-1 2"])("'%s' is no fretting", (text) => {
    expect(readFretting(text)).toMatchObject({ ok: false, problem: { field: "fretting" } });
  });

  test.each([
    [{ allowed: [], required: [], minNotes: 1, maxNotes: 2 }, "set.allowed"],
    [{ allowed: [0], required: [7], minNotes: 1, maxNotes: 2 }, "set.required"],
    [{ allowed: [0], required: [0], minNotes: 0, maxNotes: 2 }, "set.minNotes"],
    [{ allowed: [0], required: [0], minNotes: 3, maxNotes: 2 }, "set.maxNotes"],
  ])("%j", (set, field) => {
    expect(checkToneSet(set)).toMatchObject({ ok: false, problem: { field } });
  });
});

/** Calls back with every fretting of a neck: each string silent, open or at any fret. */
function forEveryFretting(neck: Neck, visit: (fretting: Fretting) => void): void {
  const choices = neck.frets + 2;
  const total = choices ** neck.midi.length;
  for (let code = 0; code < total; code++) {
    let rest = code;
    let notes = 0;
    const fretting: (number | null)[] = [];
    for (let string = 0; string < neck.midi.length; string++) {
      const choice = rest % choices;
      rest = (rest - choice) / choices;
      fretting.push(choice === 0 ? null : choice - 1);
      if (choice > 0) notes++;
    }
    if (notes > 0 && notes <= LARGEST_SCANNED) visit(fretting);
  }
}

/** No voicing of the tests has more notes; frettings with more can be none of them. */
const LARGEST_SCANNED = 4;
