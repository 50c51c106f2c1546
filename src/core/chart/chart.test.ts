import { describe, expect, test } from "@jest/globals";
import { Chord as Tonal, Interval } from "tonal";
import { pitchClassOf } from "@/core/pitch";
import { degreesOf, findChord, OPTIONAL_DEGREES } from "@/core/voicing";
import { chordOf } from "./chord";
import { findQuality, QUALITIES } from "./qualities";
import { DEFAULT_CHORD_OPTIONS, readChord } from "./readChord";
import { countChords, readProgression } from "./readProgression";

const chord = (text: string, options = DEFAULT_CHORD_OPTIONS) => {
  const read = readChord(text, options);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};

describe("kinds of chords", () => {
  // The chord dictionary of tonal, an independent library.
  test.each(
    QUALITIES.map(({ suffix }) => suffix).filter(
      (suffix) => !Tonal.get(`C${suffix.replace(/[()]/g, "")}`).empty,
    ),
  )("C%s has the notes that tonal gives it", (suffix) => {
    const semitones = Tonal.get(`C${suffix.replace(/[()]/g, "")}`).intervals.map(
      (interval) => Interval.semitones(interval) ?? NaN,
    );
    expect(degreesOf(findQuality(suffix)?.semitones ?? [])).toEqual(degreesOf(semitones));
  });

  test("most kinds are known to both", () => {
    const known = QUALITIES.filter(
      ({ suffix }) => !Tonal.get(`C${suffix.replace(/[()]/g, "")}`).empty,
    );
    expect(known.length).toBeGreaterThan(22);
  });

  test("what Tenon calls a chord, it reads as that chord", () => {
    for (const { semitones } of QUALITIES) {
      const name = findChord(semitones.map((tone) => 48 + tone))?.name;
      if (!name) continue;
      // Some are called by another root over theirs: C9sus4 is F6/9/C.
      const { root, tones } = chord(name);
      const read = tones.kind === "free" ? tones.allowed : tones.voicing;
      const over = semitones.map((tone) => tone - pitchClassOf(root));
      expect(degreesOf(read)).toEqual(degreesOf(over));
    }
  });

  test.each([
    ["Amin", "Am"],
    ["A-7", "Am7"],
    ["Bbmaj7", "Bbmaj7"],
    ["BbM7", "Bbmaj7"],
    ["F♯m7", "F#m7"],
    ["Gsus", "Gsus4"],
    ["Eb°", "Ebdim"],
    ["G+", "Gaug"],
    ["Cadd9", "C(add9)"],
    ["C6/9", "C6/9"],
    ["am", "Am"],
    ["bb5", "Bb5"],
    ["D5/A", "D5/A"],
    ["C/Bb", "C/Bb"],
  ])("%s is %s", (written, name) => expect(chord(written).name).toBe(name));

  test.each(["H5", "Cfoo", "", "5", "C/H", "C//G", "N.C."])(
    "'%s' is none, and why is said",
    (text) => {
      const read = readChord(text);
      expect(read).toMatchObject({ ok: false, problem: { field: "chord" } });
      expect(read.ok ? "" : read.problem.message).toMatch(/write a root/);
    },
  );
});

describe("what a chord allows", () => {
  test("a power chord is a voicing; all chords are, where they are reduced to it", () => {
    const fives = { ...DEFAULT_CHORD_OPTIONS, powerChordVoicing: [-5, 0], allAsPowerChords: true };
    expect(chord("D5").tones).toEqual({ kind: "voicing", voicing: [0, 7, 12] });
    expect(chord("Dm7", fives)).toMatchObject({
      name: "D5",
      tones: { kind: "voicing", voicing: [-5, 0] },
    });
  });

  test("the same from a root and a voicing", () => {
    const root = { letter: "D", accidental: 0 } as const;
    expect(chordOf(root, { voicing: [0, 7, 12], minNotes: null })).toEqual(chord("D5"));
    expect(chordOf(root, { voicing: [0, 3, 7], minNotes: 4 })).toEqual(chord("Dm"));
  });
});

describe("progressions", () => {
  const names = (text: string) => {
    const read = readProgression(text);
    return read.ok ? read.value.map(({ name }) => name) : read.problem.message;
  };

  test.each([
    ["D5 F5 | C5 Bb5 |", ["D5", "F5", "C5", "Bb5"]],
    ["Am - F - C/E → G", ["Am", "F", "C/E", "G"]],
    ["E5,E5;  %", ["E5", "E5", "E5"]],
    ["D5 x4 F5", ["D5", "D5", "D5", "D5", "F5"]],
    ["D5x2 G(add9)x2", ["D5", "D5", "G(add9)", "G(add9)"]],
    ["(D5 F5)x2 C5", ["D5", "F5", "D5", "F5", "C5"]],
    ["E5 ( D5 (F5 G5) x2 ) ×2", ["E5", ..."D5 F5 G5 F5 G5 D5 F5 G5 F5 G5".split(" ")]],
    ["(G(add9) C(add9))x2", ["G(add9)", "C(add9)", "G(add9)", "C(add9)"]],
    ["E5 N.C. nc F5", ["E5", "F5"]],
    ["D11 D13 D2 Dadd11", ["D11", "D13", "D(add9)", "D(add4)"]],
  ])("%s", (text, read) => expect(names(text)).toEqual(read));

  test("what is wrong is told with its place", () => {
    expect(names("D5 X5")).toMatch(/^chord 2: 'X5' is no chord/);
    expect(names(" | ")).toMatch(/no chord; write some/);
    expect(names("%")).toMatch(/chord 1/);
    expect(names("D5 ".repeat(201))).toMatch(/at most 200/);
    expect(names("D5 x201")).toMatch(/at most 200/);
    expect(names(`D5 ${")".repeat(5000)}a`)).toMatch(/^chord 2: /);
    expect(names("x2 D5")).toMatch(/'x2' repeats nothing/);
    expect(names("(D5 F5")).toMatch(/write \)/);
    expect(names("D5 F5)")).toMatch(/write \( before/);
    expect(names("N.C.")).toMatch(/no chord; write some/);
    expect(names("D5 x0")).toMatch(/once or more/);
  });

  test("two chords of one name that ask for other tones are counted apart", () => {
    const two = [chord("G5"), chord("G5", { ...DEFAULT_CHORD_OPTIONS, powerChordVoicing: [0, 7] })];
    expect(countChords(two).map(({ times }) => times)).toEqual([1, 1]);
  });

  test("each chord is counted, in the order of its first time", () => {
    const read = readProgression("D5 F5 D5 Dm");
    const counted = read.ok ? countChords(read.value) : [];
    expect(counted.map(({ chord: { name }, times }) => [name, times])).toEqual([
      ["D5", 2],
      ["F5", 1],
      ["Dm", 1],
    ]);
  });
});

test("every kind that is read stands once in the table of what may be left out", () => {
  const listed = OPTIONAL_DEGREES.flatMap(({ chords }) => chords.map((chord) => chord.join()));
  expect(listed).toHaveLength(new Set(listed).size);
  expect(listed.toSorted()).toEqual(
    [...new Set(QUALITIES.map(({ semitones }) => semitones.join()))].sort(),
  );
  for (const { chords, optional } of OPTIONAL_DEGREES) {
    for (const chord of chords) {
      const degrees = chord.map((semitones) => semitones % 12);
      expect(degrees).toEqual(expect.arrayContaining([...optional]));
    }
  }
});
