import { describe, expect, test } from "@jest/globals";
import { readChord } from "@/core/chart";
import { makeNeck } from "@/core/neck";
import { pitchClass } from "@/core/pitch";
import { findChordGrips } from "./chordGrips";

const chord = (text: string) => {
  const read = readChord(text);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};

describe("grips of a chord over its bass", () => {
  const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64], frets: 15 });
  if (!made.ok) throw new Error(made.problem.message);
  const neck = made.value;

  test("a slash names the lowest note", () => {
    const grips = findChordGrips(neck, chord("D/F#"));
    expect(grips.map(({ fretting }) => fretting.join())).toContain("2,0,0,2,3,2");
    for (const { midi } of grips) expect(pitchClass(Math.min(...midi))).toBe(6);
  });

  test("a bass that is no tone of the chord sounds once", () => {
    const grips = findChordGrips(neck, chord("C/B"));
    expect(grips.length).toBeGreaterThan(0);
    for (const { midi } of grips) {
      expect(pitchClass(Math.min(...midi))).toBe(11);
      expect(midi.filter((pitch) => pitchClass(pitch) === 11)).toHaveLength(1);
      expect(new Set(midi.map(pitchClass))).toEqual(new Set([0, 4, 7, 11]));
    }
  });
});
