import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { Interval, Note as TonalNote } from "tonal";
import { frequencyHz } from "./frequency";
import { midiOf, noteText, octaveOf, parseNote, pitchClass, pitchClassOf, type Note } from "./note";
import {
  degreeName,
  pitchText,
  pitchTexts,
  pitchTextsOver,
  spellDegree,
  spellPitchClass,
} from "./spelling";

const note = (text: string): Note => {
  const read = parseNote(text);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};

describe("frequency", () => {
  // Equal-tempered frequencies at A4 = 440 Hz (ISO 16), as in any acoustics handbook's table.
  test.each([
    ["C#1", 34.648],
    ["E1", 41.203],
    ["F#1", 46.249],
    ["A1", 55.0],
    ["B1", 61.735],
    ["C2", 65.406],
    ["D2", 73.416],
    ["E2", 82.407],
    ["G2", 97.999],
    ["A2", 110.0],
    ["C3", 130.813],
    ["D3", 146.832],
    ["G3", 195.998],
    ["A3", 220.0],
    ["B3", 246.942],
    ["E4", 329.628],
  ])("%s is %d Hz", (name, hz) => {
    const midi = midiOf(note(name.slice(0, -1)), Number(name.slice(-1)));
    expect(frequencyHz(midi)).toBeCloseTo(hz, 3);
  });

  test("follows the reference pitch", () => {
    expect(frequencyHz(69, 432)).toBe(432);
    expect(frequencyHz(57, 442)).toBe(221);
  });

  test("agrees with tonal, the reference library, on every MIDI number", () => {
    for (let midi = 0; midi <= 127; midi++) {
      expect(frequencyHz(midi)).toBeCloseTo(TonalNote.freq(TonalNote.fromMidi(midi)) ?? NaN, 6);
    }
  });
});

describe("notes", () => {
  test("read like tonal reads them, in every octave", () => {
    for (const letter of "CDEFGAB") {
      for (const sign of ["", "#", "b", "##", "bb"]) {
        for (let octave = 0; octave <= 8; octave++) {
          const tonal = TonalNote.midi(`${letter}${sign}${octave}`);
          expect(midiOf(note(letter + sign), octave)).toBe(tonal);
        }
      }
    }
  });

  test.each(["c#", "C♯", " C# "])("'%s' is C#", (text) => expect(noteText(note(text))).toBe("C#"));

  test.each(["", "H", "C#b", "C###", "5", "Cis"])("'%s' is refused", (text) => {
    const read = parseNote(text, "root");
    expect(read).toMatchObject({ ok: false, problem: { field: "root" } });
  });

  test("an octave goes with the letter: Cb4 is B3", () => {
    expect(midiOf(note("Cb"), 4)).toBe(59);
    expect(octaveOf(note("Cb"), 59)).toBe(4);
    expect(octaveOf(note("B#"), 60)).toBe(3);
  });
});

describe("spelling", () => {
  test.each([
    ["F#", 7, "C#"],
    ["Bb", 7, "F"],
    ["A", 4, "C#"],
    ["Eb", 3, "Gb"],
    ["C", -5, "G"],
    ["B", 7, "F#"],
    ["D", 14, "E"],
    ["C", 6, "Gb"],
  ])("%s + %i semitones is %s", (root, semitones, expected) => {
    expect(noteText(spellDegree(note(root), semitones))).toBe(expected);
  });

  test("agrees with tonal's transposition for every root and degree, but where that takes two signs", () => {
    const intervals = ["P1", "m2", "M2", "m3", "M3", "P4", "d5", "P5", "m6", "M6", "m7", "M7"];
    for (const letter of "CDEFGAB") {
      for (const sign of ["", "#", "b"]) {
        for (const interval of intervals) {
          const expected = TonalNote.transpose(letter + sign, interval);
          const semitones = Interval.semitones(interval);
          const spelled = noteText(spellDegree(note(letter + sign), semitones));
          if (/##|bb/.test(expected)) {
            expect(TonalNote.chroma(spelled)).toBe(TonalNote.chroma(expected));
            expect(spelled).not.toMatch(/##|bb/);
          } else expect(spelled).toBe(expected);
        }
      }
    }
  });

  test("every pitch class is spelled as itself, whatever the player prefers", () => {
    for (const accidentals of ["mixed", "sharps", "flats"] as const) {
      for (let pc = 0; pc < 12; pc++) {
        expect(pitchClassOf(spellPitchClass(pc, accidentals))).toBe(pc);
      }
    }
  });

  test("pitches are written with their scientific octave", () => {
    expect(pitchText(40)).toBe("E2");
    expect(pitchText(61, "flats")).toBe("Db4");
    expect(pitchTextsOver(note("F#"), [61])).toEqual(["C#4"]);
    expect(pitchTextsOver(note("Gb"), [61])).toEqual(["Db4"]);
    expect(pitchTextsOver(note("G#"), [60])).toEqual(["B#3"]);
  });

  // Spelling by letter is that of any harmony handbook (common practice).
  test.each([
    ["E", [40, 44, 47, 50], "E2 G#2 B2 D3"],
    ["C", [48, 52, 56], "C3 E3 G#3"],
    ["C", [48, 52, 55, 58, 63], "C3 E3 G3 Bb3 D#4"],
    ["F", [53, 57, 60, 64, 59], "F3 A3 C4 E4 B3"],
    ["B", [47, 50, 53, 57], "B2 D3 F3 A3"],
    ["Gb", [54, 57, 61], "Gb3 A3 Db4"],
    ["D", [42, 50, 57], "F#2 D3 A3"],
  ])("the tones of a chord on %s keep their letters: %j is %s", (root, pitches, texts) => {
    expect(pitchTextsOver(note(root), pitches).join(" ")).toBe(texts);
  });

  test("degrees above and below the root have one name", () => {
    expect([0, 7, 12, -5, 14, 3, 6].map(degreeName)).toEqual(["R", "5", "R", "5", "2", "b3", "b5"]);
  });
});

test("pitch classes repeat every octave, below zero too", () => {
  fc.assert(
    fc.property(fc.integer({ min: -200, max: 200 }), (semitones) => {
      expect(pitchClass(semitones + 12)).toBe(pitchClass(semitones));
      expect(pitchClass(semitones)).toBeGreaterThanOrEqual(0);
    }),
  );
});

describe("the strings of a tuning are spelled in its own key (common practice)", () => {
  test.each([
    ["Eb Ab Db Gb Bb Eb", [39, 44, 49, 54, 58, 63]],
    ["E B E G# B E", [40, 47, 52, 56, 59, 64]],
    ["B F# B E G# C#", [35, 42, 47, 52, 56, 61]],
    ["C F Bb Eb G C", [36, 41, 46, 51, 55, 60]],
    ["C# F# B E G# C#", [37, 42, 47, 52, 56, 61]],
    ["C# G# C# F# A# D#", [37, 44, 49, 54, 58, 63]],
    ["D A D F# A D", [38, 45, 50, 54, 57, 62]],
    ["Bb F Bb Eb G C", [34, 41, 46, 51, 55, 60]],
    ["D G C F A D", [38, 43, 48, 53, 57, 62]],
    ["F# B E A D F# B E", [30, 35, 40, 45, 50, 54, 59, 64]],
    ["D A Db Bb", [38, 45, 49, 58]],
  ])("%s", (text, midi) => {
    expect(
      pitchTexts(midi)
        .map((each) => each.replace(/\d+$/, ""))
        .join(" "),
    ).toBe(text);
  });

  test("a player who wants one kind of sign gets it", () => {
    expect(pitchTexts([39, 44], "sharps")).toEqual(["D#2", "G#2"]);
  });
});
