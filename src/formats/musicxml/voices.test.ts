import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { type InSong, type PlayedBar, type ScoreNote } from "@/formats/score";
import { valuesOf } from "./durations";
import { voicesByBar } from "./voices";

describe("lengths as note values", () => {
  test.each([
    [4, ["whole"]],
    [3, ["half."]],
    [0.75, ["eighth."]],
    [2.5, ["half", "eighth"]],
    [1 / 3, ["eighth/3"]],
    [2 / 3, ["quarter/3"]],
    [3.75, ["half.", "eighth."]],
  ])("%s quarters", (quarters, names) => {
    const written = valuesOf(quarters).map(
      ({ type, isDotted, isTriplet }) => `${type}${isDotted ? "." : ""}${isTriplet ? "/3" : ""}`,
    );
    expect(written).toEqual(names);
  });

  test("any length of 32nds is what its values add up to; one that no value has stays whole", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 256 }), (parts) => {
        const values = valuesOf(parts / 8);
        const sum = values.reduce((total, { quarters }) => total + quarters, 0);
        expect(sum).toBeCloseTo(parts / 8, 9);
        expect(values.every(({ type }) => type !== null)).toBe(true);
      }),
    );
    expect(valuesOf(0.2)).toEqual([
      { quarters: 0.2, type: null, isDotted: false, isTriplet: false },
    ]);
  });
});

const bar = (start: number, beats = 4): PlayedBar => ({
  start,
  beats,
  begins: null,
  meter: "4/4",
  tempoBpm: null,
  chords: [],
  notes: [],
});
const note = (start: number, beats: number, string: number): InSong<ScoreNote> => ({
  start,
  startBeat: start,
  beats,
  string,
  fret: 0,
  mark: null,
});
const shape = (notes: readonly InSong<ScoreNote>[], bars = [bar(0), bar(4)]) =>
  voicesByBar(bars, notes).map((voices) =>
    voices.map((voice) => voice.map(({ start, beats, notes: own }) => [start, beats, own.length])),
  );

describe("notes in voices", () => {
  test("strings struck together are one group; what rings on has a voice of its own", () => {
    expect(shape([note(0, 4, 0), note(0, 1, 2), note(0, 1, 3), note(1, 1, 2)])).toEqual([
      [
        [[0, 4, 1]],
        [
          [0, 1, 2],
          [1, 1, 1],
        ],
      ],
      [],
    ]);
  });

  test("over a bar line it is cut there and tied", () => {
    const [first, second] = voicesByBar([bar(0), bar(4)], [note(3, 3, 1)]);
    expect(first?.[0]?.[0]).toMatchObject({ start: 3, beats: 1 });
    expect(first?.[0]?.[0]?.notes[0]).toMatchObject({ isTiedFrom: false, isTiedTo: true });
    expect(second?.[0]?.[0]).toMatchObject({ start: 0, beats: 2 });
    expect(second?.[0]?.[0]?.notes[0]).toMatchObject({ isTiedFrom: true, isTiedTo: false });
  });

  test("never more than four, and in each they follow one another", () => {
    const made = fc.record({
      start: fc.integer({ min: 0, max: 31 }).map((eighths) => eighths / 4),
      beats: fc.integer({ min: 1, max: 16 }).map((eighths) => eighths / 4),
      string: fc.nat(9),
    });
    fc.assert(
      fc.property(fc.array(made, { maxLength: 24 }), (all) => {
        const notes = all.map(({ start, beats, string }) => note(start, beats, string));
        notes.sort((a, b) => a.start - b.start);
        for (const voices of voicesByBar([bar(0), bar(4)], notes)) {
          expect(voices.length).toBeLessThanOrEqual(4);
          for (const voice of voices) {
            let end = 0;
            for (const { start, beats } of voice) {
              expect(start).toBeGreaterThanOrEqual(end - 1e-9);
              end = start + beats;
            }
            expect(end).toBeLessThanOrEqual(4 + 1e-9);
          }
        }
      }),
    );
  });
});
