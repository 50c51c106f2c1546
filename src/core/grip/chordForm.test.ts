import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { findSetFrettings, soundingMidi, type ToneSet } from "@/core/fretting";
import { DEFAULT_HAND, handReachMm } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { pitchClass } from "@/core/pitch";
import { CHORDS, degreesOf, fitsChordForm } from "@/core/voicing";
import { findGrips, findChordFormGrips, rankGrips } from "./grip";

const STANDARD = [40, 45, 50, 55, 59, 64];
const neckOf = (midi: readonly number[], frets = 24) => {
  const neck = makeNeck({ midi, frets });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};
const standard = neckOf(STANDARD);
const C = { letter: "C", accidental: 0 } as const;

describe("free mode", () => {
  // Open chords and movable shapes that every method teaches (common practice).
  test.each([
    ["major", [null, 3, 2, 0, 1, 0]],
    ["minor", [null, 3, 5, 5, 4, 3]],
    ["seven", [null, 3, 2, 3, 1, 0]],
    ["power chord", [null, 3, 5, 5, null, null]],
    ["sus four", [null, 3, 3, 0, 1, 1]],
    ["major seven", [null, 3, 2, 0, 0, 0]],
    ["add nine", [null, 3, 2, 0, 3, 0]],
  ])("C %s is found as %j", (name, fretting) => {
    const voicing = CHORDS.find((chord) => chord.name === name)?.semitones ?? [];
    const found = findChordFormGrips(standard, C, { voicing, minNotes: 3 });
    expect(found.map((grip) => grip.fretting)).toContainEqual(fretting);
  });

  test("every grip sounds just the degrees of the chord, on enough strings", () => {
    const voicing = [0, 3, 7];
    const found = findChordFormGrips(standard, C, { voicing, minNotes: 4 });
    expect(found.length).toBeGreaterThan(100);
    for (const { fretting, tones } of found) {
      const sounding = soundingMidi(standard, fretting);
      expect(sounding.length).toBeGreaterThanOrEqual(4);
      expect(degreesOf(sounding)).toEqual(voicing.map(pitchClass));
      const played = tones.filter((tone) => tone !== null).sort((a, b) => a - b);
      expect(fitsChordForm({ voicing, minNotes: 4 }, played)).toBe(true);
    }
  });

  test("a voicing as it stands is only itself", () => {
    const exact = { voicing: [0, 7, 12], minNotes: null };
    expect(findChordFormGrips(standard, C, exact)).toEqual(findGrips(standard, C, [0, 7, 12]));
    expect(fitsChordForm(exact, [0, 7, 12])).toBe(true);
    expect(fitsChordForm(exact, [0, 7, 19])).toBe(false);
    expect(fitsChordForm({ voicing: [0, 7], minNotes: 3 }, [-5, 0, 7])).toBe(true);
    expect(fitsChordForm({ voicing: [0, 7], minNotes: 4 }, [-5, 0, 7])).toBe(false);
  });

  test("leaving out early what needs too many fingers loses no grip, on any small neck", () => {
    const open = fc.array(fc.integer({ min: 35, max: 64 }), { minLength: 4, maxLength: 6 });
    const degrees = fc.uniqueArray(fc.integer({ min: 0, max: 11 }), { minLength: 2, maxLength: 4 });
    fc.assert(
      fc.property(open, degrees, fc.integer({ min: 1, max: 4 }), (midi, allowed, minNotes) => {
        const neck = makeNeck({ midi, frets: 7 });
        if (!neck.ok) return;
        const set: ToneSet = { allowed, required: allowed, minNotes, maxNotes: midi.length };
        const limit = { reachMm: handReachMm(DEFAULT_HAND) };
        const all = rankGrips(neck.value, C, findSetFrettings(neck.value, 0, set, limit));
        const few = findSetFrettings(neck.value, 0, { ...set, maxFingers: 5 }, limit);
        expect(rankGrips(neck.value, C, few)).toEqual(all);
      }),
      { numRuns: 25 },
    );
  });
});
