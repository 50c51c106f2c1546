import { describe, expect, test } from "@jest/globals";
import { DEFAULT_CHORD_OPTIONS, readChord } from "@/core/chart";
import { makeNeck } from "@/core/neck";
import { usualMidi } from "@/core/tuning";
import { makeOptions } from "./options";

const STANDARD = usualMidi(6);
/** One tuning: each string has one pitch. */
const EACH_ALONE = STANDARD.map((midi) => [midi]);
const made = makeNeck({ midi: STANDARD, frets: 12 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;

const tonesOf = (text: string, minNotes = 3) => {
  const chord = readChord(text, { ...DEFAULT_CHORD_OPTIONS, minNotes });
  if (!chord.ok) throw new Error(chord.problem.message);
  return chord.value;
};

describe("what each string offers a chord", () => {
  const optionsOf = makeOptions(neck);

  test("in free mode every fret that sounds one of its tones", () => {
    const [options] = optionsOf(EACH_ALONE, tonesOf("Em"), null);
    expect(options?.perString[0]?.[0]?.map(({ fret }) => fret)).toEqual([0, 3, 7, 12]);
    expect(options?.openFrom).toEqual([4, 3, 3, 3, 2, 1, 0]);
    expect(options?.lowestFrom[0]).toBe(40);
  });

  test("of a voicing the frets of its tones, with the root in one octave at a time", () => {
    const all = optionsOf(EACH_ALONE, tonesOf("E5"), null);
    const frets = all.map(({ perString }) => perString[0]?.[0]?.map(({ fret }) => fret));
    expect(frets).toEqual([[0, 7, 12], [12], []]);
    for (const { eachOnce, minNotes, required } of all) {
      expect({ eachOnce, minNotes, required }).toEqual({
        eachOnce: true,
        minNotes: 3,
        required: 0b111,
      });
    }
  });

  test("in several tunings of each pitch its own, and bounds that hold for all", () => {
    const pitches = STANDARD.map((midi) => [midi - 2, midi]);
    const [options] = optionsOf(pitches, tonesOf("Em"), null);
    const frets = options?.perString[0]?.map((each) => each.map(({ fret }) => fret));
    expect(frets).toEqual([
      [2, 5, 9],
      [0, 3, 7, 12],
    ]);
    expect(options?.lowestFrom[0]).toBe(40);
    expect(options?.openFrom[0]).toBe(5);
  });

  test("strings that are silent offer nothing", () => {
    const playing = [true, true, true, false, false, false];
    const [options] = optionsOf(EACH_ALONE, tonesOf("Em"), playing);
    expect(options?.perString.slice(3)).toEqual([[[]], [[]], [[]]]);
  });
});
