import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { Note as TonalNote } from "tonal";
import { TUNINGS } from "./catalogue";
import { nameTuning } from "./nameTuning";
import { readTuning, type ReadTuningOptions } from "./readTuning";
import { LOWEST_STRING_MIDI, MAX_STRINGS, MIN_STRINGS, usualMidi, type Tuning } from "./tuning";

const read = (text: string, options?: ReadTuningOptions): Tuning => {
  const result = readTuning(text, options);
  if (!result.ok) throw new Error(`${text}: ${result.problem.message}`);
  return result.value.tuning;
};

const problem = (text: string, options?: ReadTuningOptions): string => {
  const result = readTuning(text, options);
  return result.ok ? `read as ${result.value.tuning.name}` : result.problem.message;
};

/** Pitches written as tonal reads them. */
const pitches = (text: string) => text.split(" ").map((name) => TonalNote.midi(name));

describe("tunings told by name", () => {
  // GNU LilyPond 2.24, string-tunings-init: the predefined guitar tunings.
  test.each([
    ["standard", "E2 A2 D3 G3 B3 E4"],
    ["7-string", "B1 E2 A2 D3 G3 B3 E4"],
    ["drop D", "D2 A2 D3 G3 B3 E4"],
    ["drop C", "C2 G2 C3 F3 A3 D4"],
    ["open G", "D2 G2 D3 G3 B3 D4"],
    ["open D", "D2 A2 D3 F#3 A3 D4"],
    ["DADGAD", "D2 A2 D3 G3 A3 D4"],
    ["lute", "E2 A2 D3 F#3 B3 E4"],
    ["Asus4", "E2 A2 D3 E3 A3 E4"],
  ])("%s (published)", (text, expected) => expect(read(text).midi).toEqual(pitches(expected)));

  // Common practice.
  test.each([
    ["E flat", "Eb2 Ab2 Db3 Gb3 Bb3 Eb4"],
    ["E♭ standard", "Eb2 Ab2 Db3 Gb3 Bb3 Eb4"],
    ["1/2 step down", "Eb2 Ab2 Db3 Gb3 Bb3 Eb4"],
    ["standard E", "E2 A2 D3 G3 B3 E4"],
    ["one and a half steps down", "C#2 F#2 B2 E3 G#3 C#4"],
    ["baritone", "B1 E2 A2 D3 F#3 B3"],
    ["B standard baritone", "B1 E2 A2 D3 F#3 B3"],
    ["drop-D", "D2 A2 D3 G3 B3 E4"],
    ["regular fourths", "E2 A2 D3 G3 C4 F4"],
    ["half step down", "Eb2 Ab2 Db3 Gb3 Bb3 Eb4"],
    ["D standard", "D2 G2 C3 F3 A3 D4"],
    ["two half steps down", "D2 G2 C3 F3 A3 D4"],
    ["Drop C#", "C#2 G#2 C#3 F#3 A#3 D#4"],
    ["Drop Db", "C#2 G#2 C#3 F#3 A#3 D#4"],
    ["dropped c sharp tuning", "C#2 G#2 C#3 F#3 A#3 D#4"],
    ["drop B", "B1 F#2 B2 E3 G#3 C#4"],
    ["double drop D", "D2 A2 D3 G3 B3 D4"],
    ["open E", "E2 B2 E3 G#3 B3 E4"],
    ["open A", "E2 A2 E3 A3 C#4 E4"],
    ["open C", "C2 G2 C3 G3 C4 E4"],
    ["open G minor", "D2 G2 D3 G3 Bb3 D4"],
    ["open Dm", "D2 A2 D3 F3 A3 D4"],
    ["Dsus4", "D2 A2 D3 G3 A3 D4"],
    ["all fourths", "E2 A2 D3 G3 C4 F4"],
    ["all fourths from D", "D2 G2 C3 F3 Bb3 Eb4"],
    ["7-string B", "B1 E2 A2 D3 G3 B3 E4"],
    ["7 string drop A", "A1 E2 A2 D3 G3 B3 E4"],
    ["seven-string A standard", "A1 D2 G2 C3 F3 A3 D4"],
    ["8-string F#", "F#1 B1 E2 A2 D3 G3 B3 E4"],
    ["8-string drop E", "E1 B1 E2 A2 D3 G3 B3 E4"],
  ])("%s", (text, expected) => expect(read(text).midi).toEqual(pitches(expected)));

  test("a name takes the guitar's own number of strings", () => {
    expect(read("drop A", { strings: 7 }).midi).toEqual(pitches("A1 E2 A2 D3 G3 B3 E4"));
    expect(read("drop A").midi).toHaveLength(6);
  });

  test("a name for another number of strings is refused with both numbers", () => {
    expect(problem("7-string drop A", { strings: 6 })).toMatch(/7 strings.*6/);
    expect(problem("DADGAD", { strings: 7 })).toMatch(/six strings|7/);
    expect(problem("11 string standard")).toMatch(/11 strings/);
  });
});

describe("tunings told by letters", () => {
  test.each([
    ["D A D F# A D", "D2 A2 D3 F#3 A3 D4", "Open D"],
    ["d2 a2 d3 g3 b3 e4", "D2 A2 D3 G3 B3 E4", "Drop D"],
    ["dadgad", "D2 A2 D3 G3 A3 D4", "DADGAD"],
    ["eadgbe", "E2 A2 D3 G3 B3 E4", "Standard"],
    ["[E, A, D, G, B, E]", "E2 A2 D3 G3 B3 E4", "Standard"],
    ["D A D G A D.", "D2 A2 D3 G3 A3 D4", "DADGAD"],
    ["E-A-D-G-B-E", "E2 A2 D3 G3 B3 E4", "Standard"],
    ["EbAbDbGbBbEb", "Eb2 Ab2 Db3 Gb3 Bb3 Eb4", "Eb standard"],
    ["ebabdbgbbbeb", "Eb2 Ab2 Db3 Gb3 Bb3 Eb4", "Eb standard"],
    ["E♭ A♭ D♭ G♭ B♭ E♭", "Eb2 Ab2 Db3 Gb3 Bb3 Eb4", "Eb standard"],
    // Upward counts double, so this is a low A and not an A above the E string.
    ["A E A D F# B", "A1 E2 A2 D3 F#3 B3", "Drop A"],
    ["C G C G C E", "C2 G2 C3 G3 C4 E4", "Open C"],
    ["E A D G B3 E", "E2 A2 D3 G3 B3 E4", "Standard"],
  ])("%s", (text, expected, name) => {
    expect(read(text)).toMatchObject({ midi: pitches(expected), name });
  });

  test("the guitar's string count settles what b means", () => {
    expect(read("eadgbe", { strings: 6 }).midi).toEqual(usualMidi(6));
    expect(read("eadgbe", { strings: 5 }).midi).toHaveLength(5);
    expect(read("beadgbe", { strings: 7 }).name).toBe("7-string B standard");
  });

  test("what stays ambiguous is shown as a choice", () => {
    const result = readTuning("dadgbbe", { strings: 6 });
    if (!result.ok) throw new Error(result.problem.message);
    const all = [result.value.tuning, ...result.value.alternatives].map(({ midi }) => midi);
    expect(all).toContainEqual(pitches("D2 A2 D3 Gb3 B3 E4"));
    expect(all).toContainEqual(pitches("D2 A2 D3 G3 Bb3 E4"));
  });

  test("letters come near the guitar's own usual tuning", () => {
    const baritone = pitches("B1 E2 A2 D3 F#3 B3") as number[];
    expect(read("B E A D F# B", { strings: 6, usual: baritone }).midi).toEqual(baritone);
    expect(read("A E A D F# B", { strings: 6, usual: baritone }).midi[0]).toBe(33);
  });

  test("octaves are the cheapest that do not descend, by trying all of them", () => {
    const letter = fc.constantFrom("C", "C#", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B");
    fc.assert(
      fc.property(fc.array(letter, { minLength: 4, maxLength: 7 }), (letters) => {
        const { midi } = read(letters.join(" "), { strings: letters.length });
        const usual = usualMidi(letters.length);
        const cost = (tuning: readonly number[]) =>
          tuning.reduce((sum, pitch, i) => {
            const up = pitch - (usual[i] ?? 0);
            return sum + (up > 0 ? 2 * up : -up);
          }, 0);
        let cheapest = Infinity;
        const tryAll = (tuning: readonly number[]): void => {
          const text = letters[tuning.length];
          if (text === undefined) cheapest = Math.min(cheapest, cost(tuning));
          else {
            for (let octave = -1; octave <= 6; octave++) {
              const pitch = (TonalNote.chroma(text) ?? NaN) + 12 * (octave + 1);
              const near =
                pitch >= LOWEST_STRING_MIDI && Math.abs(pitch - (usual[tuning.length] ?? 0)) <= 24;
              if (near && pitch >= (tuning.at(-1) ?? -Infinity)) tryAll([...tuning, pitch]);
            }
          }
        };
        tryAll([]);
        expect(cost(midi)).toBe(cheapest);
        expect([...midi].sort((a, b) => a - b)).toEqual(midi);
      }),
      // The first was read three points too dear: its lowest string lies two octaves down.
      { numRuns: 60, examples: [[["E", "Eb", "C", "Bb", "A", "G"]]] },
    );
  });
});

describe("bad input", () => {
  test.each([
    ["", /nothing written/],
    ["   ", /nothing written/],
    ["D A H F# A D", /note 3 of 6: 'H'/],
    ["dahf", /place 3: 'h'/],
    ["E A D", /3 notes; write 4 to 10/],
    ["C D E F G A B C D E F", /11 notes/],
    ["drop H", /'h' is not a note/],
    ["H standard", /'h' is not a note/],
    ["open", /say which note/],
    ["one and a half half steps down", /whole half steps/],
    ["40 steps down", /no string sounds that pitch/],
    ["E9 A2 D3 G3 B3 E4", /note 1/],
    ["a".repeat(10_000), /10000 characters/],
    ["12-string standard", /12 strings/],
  ])("%.20s", (text, reason) => expect(problem(text)).toMatch(reason));

  test("letters that do not fit the guitar say how many there are", () => {
    expect(problem("D A D G A D", { strings: 7 })).toMatch(/6 notes; write 7/);
  });

  test.each([0, 3, 11, 6.5, NaN])("%d strings", (strings) => {
    const result = readTuning("standard", { strings });
    expect(result).toMatchObject({ ok: false, problem: { field: "strings" } });
  });

  test("no text makes it throw", () => {
    fc.assert(fc.property(fc.string({ maxLength: 40 }), (text) => void readTuning(text)));
    const notes = fc.stringMatching(/^[a-gA-G#b♭♯ 0-9]{0,16}$/);
    fc.assert(fc.property(notes, (text) => void readTuning(text)));
  });
});

describe("naming", () => {
  test("reading the name that was given to a tuning gives that tuning", () => {
    const strings = fc.integer({ min: MIN_STRINGS, max: MAX_STRINGS });
    const tuning = strings.chain((count) =>
      fc.tuple(...usualMidi(count).map((midi) => fc.integer({ min: midi - 6, max: midi + 4 }))),
    );
    fc.assert(
      fc.property(tuning, (midi) => {
        const { name } = nameTuning(midi);
        expect(read(name, { strings: midi.length }).midi).toEqual(midi);
      }),
    );
  });

  test("every tuning of the catalogue is read from its own name, and listed once", () => {
    for (const { name, midi } of TUNINGS) expect(read(name).midi).toEqual(midi);
    const keys = TUNINGS.map(({ midi }) => midi.join());
    expect(new Set(keys).size).toBe(keys.length);
  });

  test("kinds", () => {
    expect(read("C G C F A D").kind).toBe("drop");
    expect(read("D A D F# A D").kind).toBe("open");
    expect(read("E A D G C F").kind).toBe("regular");
    expect(read("E A D G Bb E")).toMatchObject({ kind: "own", name: "E A D G Bb E" });
  });
});
