import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { parseNote } from "@/core/pitch";
import { FORM_CHORDS, SONG_FORMS, readChart, transposeChart, writeForm } from "../index";
import { type Transposition } from "./transpose";

const moved = (text: string, move: Transposition, capo = 0) => {
  const done = transposeChart(text, move, capo);
  return done.ok ? done.value.text : `${done.problem.field}: ${done.problem.message}`;
};
const note = (text: string) => {
  const read = parseNote(text);
  if (!read.ok) throw new Error(text);
  return read.value;
};

describe("a chart in another key", () => {
  test.each<[string, Transposition, string]>([
    ["| Em | C/E | <A5 D5! |", { semitones: 3 }, "| Gm | Eb/G | <C5 F5! |"],
    ["Key: G\n| G | D/F# |", { toKey: "A" }, "Key: A\n| A | E/G# |"],
    ["Key: G\n| G | D/F# |", { toKey: "F" }, "Key: F\n| F | C/E |"],
    ["Key: Am\n| Am | F |", { toKey: "Gm" }, "Key: Gm\n| Gm | Eb |"],
    ["Key: D\n| F5 . Bb5 C5 |", { semitones: -2 }, "Key: C\n| Eb5 . Ab5 Bb5 |"],
    ["Key: F\n| F | C/E | Bb |", { semitones: 4 }, "Key: A\n| A | E/G# | D |"],
    ["Key: B\n| A# | D# |", { semitones: 7 }, "Key: F#\n| F | A# |"],
    ["Key: Am\n| Am | F |", { toKey: "C" }, "Key: Am\n| Am | F |"],
    ["em  g\nWords stay: A day in E", { semitones: 2 }, "f#m  a\nWords stay: A day in E"],
    ["[Am]A [F]word, A  word", { semitones: -2 }, "[Gm]A [Eb]word, A  word"],
    ["{key: C}\r\n| I | IV |", { semitones: 2 }, "{key: D}\r\n| I | IV |"],
    ["| Cmaj7 Xy7 N.C. r |", { semitones: 1 }, "| C#maj7 Xy7 N.C. r |"],
    ["| 6:3h5 @E3~ A5 |", { semitones: 2 }, "| 6:5h7 @F#3~ B5 |"],
    ["| 6:0+5:2 6:x 5:3~ |", { semitones: 1 }, "| 6:1+5:3 6:x 5:4~ |"],
    // Below the nut it goes to a thicker string, or the riff of the section goes up an octave.
    ["| 5:0 5:2 |", { semitones: -2 }, "| 6:3 5:0 |"],
    ["Verse\n| 6:0 6:3 |\nSolo\n| 5:5 |", { semitones: -2 }, "Verse\n| 6:10 6:13 |\nSolo\n| 5:3 |"],
    ["E5 two counts of eight", { semitones: 12 }, "E5 two counts of eight"],
  ])("%s by %j", (text, move, result) => expect(moved(text, move)).toBe(result));

  test("with a capo the shapes are written lower", () => {
    expect(moved("Key: Bb\n| Bb | Eb |", { semitones: 0 }, 3)).toBe("Key: G\n| G | C |");
    expect(moved("Key: G\n| G | C |", { toKey: "Bb" }, 3)).toBe("Key: G\n| G | C |");
  });

  test("to a key, the chart has to say its own", () => {
    expect(moved("| G |", { toKey: "A" })).toMatch(/^toKey: .*does not say its key/);
    expect(moved("Key: G\n| G |", { toKey: "H" })).toMatch(/^toKey: 'H'/);
  });

  test("up and down again, the chords are the same", () => {
    const words = fc.constantFrom("A5", "Em7", "Bb", "F#m/C#", ".", "%", "words", "|", "<D5");
    fc.assert(
      fc.property(fc.array(words), fc.integer({ min: -11, max: 11 }), (parts, semitones) => {
        const text = parts.join(" ");
        const there = moved(text, { semitones });
        const names = (each: string) =>
          readChart(each).sections.map(({ bars }) => bars.map(({ chords }) => chords));
        expect(names(moved(there, { semitones: -semitones }))).toEqual(
          names(moved(text, { semitones: 12 })),
        );
      }),
    );
  });
});

describe("twelve bars", () => {
  // Common practice: where the fourth and the fifth stand in a blues.
  test.each([
    ["blues", "fives", "A5 A5 A5 A5 D5 D5 A5 A5 E5 D5 A5 A5"],
    ["quick change", "sevenths", "A7 D7 A7 A7 D7 D7 A7 A7 E7 D7 A7 A7"],
    ["minor", "fives", "A5 A5 A5 A5 D5 D5 A5 A5 F5 E5 A5 A5"],
    ["minor", "sevenths", "Am7 Am7 Am7 Am7 Dm7 Dm7 Am7 Am7 F7 E7 Am7 Am7"],
  ] as const)("%s in %s", (form, chords, names) => {
    const { sections, problems } = readChart(writeForm(form, note("A"), chords));
    expect(problems).toEqual([]);
    expect(sections[0]?.bars.map((bar) => bar.chords[0]?.name).join(" ")).toBe(names);
  });

  test("every one in every key is read without a problem", () => {
    for (const form of SONG_FORMS)
      for (const chords of FORM_CHORDS)
        for (const key of "C C# Db D Eb E F F# Gb G Ab A Bb B".split(" ")) {
          const { sections, problems } = readChart(writeForm(form, note(key), chords));
          expect([problems, sections[0]?.bars.length]).toEqual([[], 12]);
        }
  });
});
