import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { findQuality, parseChord } from "@/core/chart";
import { pitchClass, pitchClassOf } from "@/core/pitch";
import { detectChords, type DetectedNote } from "./detectChords";

const together = (
  start: number,
  beats: number,
  ...pitches: readonly number[]
): readonly DetectedNote[] => pitches.map((midi) => ({ start, beats, midi }));
const inTurn = (
  start: number,
  step: number,
  ...pitches: readonly number[]
): readonly DetectedNote[] =>
  pitches.map((midi, index) => ({ start: start + index * step, beats: step, midi }));
const names = (notes: readonly DetectedNote[], beats = 4) =>
  detectChords(notes, beats).map(({ name, start, beats: length }) => [name, start, length]);

describe("chords that notes say", () => {
  test("struck together, and where they change", () => {
    expect(names([...together(0, 2, 40, 47, 52), ...together(2, 2, 45, 52, 57)])).toEqual([
      ["E5", 0, 2],
      ["A5", 2, 2],
    ]);
  });

  test("fives that together would make a seventh stay two", () => {
    expect(names([...together(0, 2, 50, 57), ...together(2, 2, 53, 60)])).toEqual([
      ["D5", 0, 2],
      ["F5", 2, 2],
    ]);
  });

  test("broken: one chord over all of its notes", () => {
    expect(names(inTurn(0, 0.5, 45, 52, 57, 60, 64, 60, 57, 52))).toEqual([["Am", 0, 4]]);
    expect(names(inTurn(0, 0.5, 48, 55, 59, 64, 67, 64, 59, 55))).toEqual([["Cmaj7", 0, 4]]);
  });

  test("over another bass, and less sure for it", () => {
    const [slash] = detectChords(together(0, 4, 52, 55, 60, 64), 4);
    expect(slash?.name).toBe("C/E");
    expect(slash?.sure).toBeLessThan(1);
    expect(detectChords(together(0, 4, 48, 55, 60, 64), 4)[0]?.sure).toBe(1);
  });

  test("strums with gaps are one chord; a long silence ends it; single notes are none", () => {
    const strums = [0, 1, 2].flatMap((start) => together(start, 0.75, 40, 47));
    expect(names(strums)).toEqual([["E5", 0, 2.75]]);
    expect(names([...together(0, 1, 40, 47), ...together(3, 1, 40, 47)])).toEqual([
      ["E5", 0, 1],
      ["E5", 3, 1],
    ]);
    expect(names(inTurn(0, 1, 40, 40, 40, 40))).toEqual([]);
    expect(names([])).toEqual([]);
  });

  test("a note that belongs to none of it makes it less sure", () => {
    const [clean] = detectChords(together(0, 4, 48, 52, 55), 4);
    const [rough] = detectChords([...together(0, 4, 48, 52, 55), ...together(0, 1, 61)], 4);
    expect(rough?.name).toBe(clean?.name);
    expect(rough?.sure).toBeLessThan(clean?.sure ?? 0);
  });

  test("any root of any common kind, root lowest, is named by its own notes", () => {
    const kinds = ["5", "", "m", "7", "m7", "maj7", "sus4", "sus2", "dim", "6", "m6", "9"];
    fc.assert(
      fc.property(fc.nat(11), fc.constantFrom(...kinds), (root, suffix) => {
        const { semitones = [] } = findQuality(suffix) ?? {};
        const pitches = semitones.map((tone) => 48 + root + tone);
        const [found] = detectChords(together(0, 4, ...pitches), 4);
        const parts = parseChord(found?.name ?? "");
        expect(parts).not.toBeNull();
        const tones = (parts?.quality.semitones ?? []).map((tone) =>
          pitchClass((parts ? pitchClassOf(parts.root) : 0) + tone),
        );
        expect(new Set(tones)).toEqual(new Set(pitches.map(pitchClass)));
        expect(parts && pitchClassOf(parts.root)).toBe(pitchClass(48 + root));
      }),
    );
  });

  test("whatever sounds, chords lie in the bar, in order, and are sure between 0 and 1", () => {
    const note = fc.record({
      start: fc.integer({ min: -4, max: 40 }).map((eighths) => eighths / 8),
      beats: fc.integer({ min: 1, max: 24 }).map((eighths) => eighths / 8),
      midi: fc.integer({ min: 28, max: 88 }),
    });
    fc.assert(
      fc.property(fc.array(note, { maxLength: 30 }), (notes) => {
        let end = 0;
        for (const { start, beats, sure } of detectChords(notes, 4)) {
          expect(start).toBeGreaterThanOrEqual(end - 1e-9);
          end = start + beats;
          expect(sure).toBeGreaterThanOrEqual(0);
          expect(sure).toBeLessThanOrEqual(1);
        }
        expect(end).toBeLessThanOrEqual(4 + 1e-9);
      }),
    );
  });
});
