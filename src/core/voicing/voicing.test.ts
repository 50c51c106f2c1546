import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { makeNeck } from "@/core/neck";
import { parseNote, type Note } from "@/core/pitch";
import { findChord, nameChord } from "./name";
import { findDegrees } from "./positions";
import { makeVoicing, voicingName, VOICINGS } from "./voicing";
import { requiredDegrees } from "./chordForm";

const note = (text: string): Note => {
  const read = parseNote(text);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};

test("the voicings carry the names players say", () => {
  expect(VOICINGS.map(({ name }) => name)).toEqual([
    "R 5",
    "R 5 8",
    "5 R",
    "5 R 5",
    "5 R 3",
    "R 8",
    "R 5 8 5",
    "R 5 9",
    "R 4",
    "R 2 5",
    "R 4 5",
    "R b5",
    "R 6",
    "R #5",
  ]);
});

test("a tone is told by its degree, octaves of the root by their number", () => {
  expect(voicingName([0, 7, 12, 24])).toBe("R 5 8 15");
  expect(voicingName([-12, 3, 10, 14])).toBe("R b3 b7 9");
});

describe("names of what sounds", () => {
  test.each([
    [[50, 57], "D", "D5"],
    [[50, 57, 62], "D", "D5"],
    [[45, 50], "D", "D5/A"],
    [[48, 60], "C", "C octave"],
    [[43, 48, 52], "C", "C/G"],
    [[54, 61], "F#", "F#5"],
    [[46, 53], "Bb", "Bb5"],
    [[48, 55, 62], "C", "Csus2"],
    [[48, 54], "C", "C tritone"],
    [[45, 53], "A", "A minor sixth"],
  ])("%j over %s is %s", (midi, root, expected) => {
    expect(nameChord(midi, note(root)).name).toBe(expected);
  });

  test("without a root it finds one: x 5 7 7 6 x is D minor", () => {
    expect(nameChord([50, 57, 62, 65]).name).toBe("Dm");
    expect(nameChord([43, 48]).name).toBe("C5/G");
    // Two notes are called by the chord that they are part of, or by their interval.
    expect(nameChord([45, 53]).name).toBe("F(no5)/A");
    expect(nameChord([51, 57]).name).toBe("Eb tritone");
  });

  test("what has no name is told by its notes", () => {
    expect(nameChord([48, 49, 50], note("C")).name).toBe("C Db D");
  });

  test("an octave higher has the same name, whatever sounds", () => {
    const chord = fc.array(fc.integer({ min: 30, max: 70 }), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(chord, (midi) => {
        expect(nameChord(midi.map((pitch) => pitch + 12)).name).toBe(nameChord(midi).name);
      }),
    );
  });
});

test("a voicing is put in order, and nonsense is refused", () => {
  expect(makeVoicing([7, 0, 12])).toEqual({ ok: true, value: [0, 7, 12] });
  for (const bad of [[], [0.5], [NaN], [0, 100], Array(11).fill(0)]) {
    expect(makeVoicing(bad)).toMatchObject({ ok: false, problem: { field: "voicing" } });
  }
});

test("positions of a voicing are those of its degrees, each with its distance to the root", () => {
  const neck = makeNeck({ midi: [40, 45, 50, 55, 59, 64], frets: 12 });
  if (!neck.ok) throw new Error(neck.problem.message);
  const found = findDegrees(neck.value, note("C"), [-5, 0, 4]);
  expect(new Set(found.map(({ degree }) => degree))).toEqual(new Set([0, 4, 7]));
  expect(found).toContainEqual({ string: 1, fret: 3, midi: 48, degree: 0 });
  expect(found).toContainEqual({ string: 0, fret: 3, midi: 43, degree: 7 });
  expect(found.every(({ midi, degree }) => midi % 12 === degree)).toBe(true);
});

describe("what open strings sound (common practice)", () => {
  test.each([
    ["open D", [38, 45, 50, 54, 57, 62], "D"],
    ["open G", [38, 43, 50, 55, 59, 62], "G/D"],
    ["open E minor", [40, 47, 52, 55, 59, 64], "Em"],
    ["DADGAD", [38, 45, 50, 55, 57, 62], "Dsus4"],
    ["standard", [40, 45, 50, 55, 59, 64], null],
    ["all fourths", [40, 45, 50, 55, 60, 65], null],
  ])("%s", (_, midi, name) => expect(findChord(midi)?.name ?? null).toBe(name));

  test("spelled as the player likes", () => {
    const lowered = [37, 44, 49, 53, 56, 61];
    expect(findChord(lowered, undefined, "sharps")?.name).toBe("C#");
    expect(findChord(lowered, undefined, "flats")?.name).toBe("Db");
  });
});

// Chord symbols as in common use (handbooks of harmony); C is 60.
test.each([
  [[60, 64, 67, 69], "C6"],
  [[60, 63, 67, 69], "Cm6"],
  [[60, 63, 66, 69], "Cdim7"],
  [[60, 63, 66, 70], "Cm7(b5)"],
  [[60, 64, 67, 74], "C(add9)"],
  [[60, 64, 67, 70, 74], "C9"],
  [[60, 65, 67, 70], "C7sus4"],
  [[60, 63, 67, 71], "Cm(maj7)"],
])("%j is %s", (midi, name) => expect(nameChord(midi).name).toBe(name));

describe("what free mode must sound (common practice)", () => {
  test.each<[string, readonly number[], readonly number[]]>([
    ["a triad whole", [0, 4, 7], [0, 4, 7]],
    ["a seventh without its fifth", [0, 4, 7, 10], [0, 4, 10]],
    ["an altered fifth stays", [0, 3, 6, 10], [0, 3, 6, 10]],
    ["a ninth with its ninth", [0, 4, 7, 10, 14], [0, 2, 4, 10]],
    ["a thirteenth as root, third, seventh, thirteenth", [0, 4, 7, 10, 14, 21], [0, 4, 9, 10]],
    ["a fifth that tells Cm(b6) from Ab/C", [0, 3, 7, 8], [0, 3, 7, 8]],
    ["a minor eleventh without its ninth", [0, 3, 7, 10, 14, 17], [0, 3, 5, 10]],
    ["an altered ninth stays under a thirteenth", [0, 4, 7, 10, 13, 21], [0, 1, 4, 9, 10]],
  ])("%s", (_, voicing, required) => {
    expect(requiredDegrees(voicing)).toEqual(required);
  });
});
