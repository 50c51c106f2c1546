import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { nameTuning } from "./nameTuning";
import { parentOf } from "./parent";
import { readTuning, type ReadTuningOptions } from "./readTuning";
import { usualMidi } from "./tuning";

const said = (text: string, options?: ReadTuningOptions): string => {
  const result = readTuning(text, options);
  return result.ok ? result.value.tuning.name : result.problem.message;
};

const choices = (text: string, options?: ReadTuningOptions): readonly string[] => {
  const result = readTuning(text, options);
  return result.ok
    ? [result.value.tuning, ...result.value.alternatives].map(({ name }) => name)
    : [result.problem.message];
};

describe("tunings told as changes from the usual one", () => {
  test.each([
    ["6 down 2", "Drop D"],
    ["6 down 2, 1 down 2", "Double drop D"],
    ["6 and 1 down a whole step", "Double drop D"],
    ["6, 1 to D", "Double drop D"],
    ["sixth string down a whole step; third down a half; 2nd down 2, 1st down two frets", "Open D"],
    ["string 6 lowered by two semitones", "Drop D"],
    ["the 5th up 2 and the 4th up 2 and the 3rd up 1", "Open E"],
    ["all down 1", "Eb standard"],
    ["all strings down a half step", "Eb standard"],
    ["drop D, 1 down 2", "Double drop D"],
    ["open D with 3 down a half step", "Open D minor"],
    ["6 down 2 half steps", "Drop D"],
    ["6 down 2 whole steps", "C A D G B E"],
    ["6 to Eb", "Eb A D G B E"],
    ["6 to D♭", "C# A D G B E"],
    ["6: D, 3: F#, 2: A, 1: D", "Open D"],
    ["6=D", "Drop D"],
    ["6 down to C", "C A D G B E"],
    ["tune the 6th string down to D", "Drop D"],
    ["lower 6 by 2", "Drop D"],
    ["lower 6 and 1 by 2", "Double drop D"],
    ["lower 6 by 2, raise 2 a half step", "D A D G C E"],
    ["drop the sixth string a whole step", "Drop D"],
    ["string 6 two semitones down, 1st a whole step down", "Double drop D"],
  ])("%s", (text, name) => expect(said(text)).toBe(name));

  test("they count from the guitar's own usual tuning and strings", () => {
    const baritone = usualMidi(6).map((midi) => midi - 5);
    expect(said("6 down 2", { strings: 6, usual: baritone })).toBe("Drop A");
    expect(said("7 down 2", { strings: 7 })).toBe("7-string drop A");
  });

  test("what can be a string or a number of strings is shown as a choice", () => {
    expect(choices("6 string down 2 semitones")).toEqual(["D standard", "Drop D"]);
    expect(choices("3 half steps down")).toEqual(["C# standard", "Lute"]);
  });

  test.each([
    ["8 down 2", /string 8: this guitar has strings 1 to 6/],
    ["0 down 2", /string 0/],
    ["6 down", /no distance/],
    ["6 down a lot", /no distance|a lot|'lot'/],
    ["6 to H", /'h' is not a note/],
    ["6 down 99", /two octaves/],
    ["6 down 2, up 1", /which string/],
    ["6 down 2, 5 and", /string 5: say how far/],
    ["6 down 30", /two octaves/],
    ["lower 6", /string 6: say how far/],
    ["6 a half step", /say down or up|is not a note/],
  ])("%s is refused in words", (text, reason) => expect(said(text)).toMatch(reason));

  test("any change by numbers is read as it was written", () => {
    const steps = fc.array(fc.integer({ min: -5, max: 2 }), { minLength: 6, maxLength: 6 });
    fc.assert(
      fc.property(steps, (by) => {
        const text = by
          .map((step, string) => `${6 - string} ${step < 0 ? "down" : "up"} ${Math.abs(step)}`)
          .join(", ");
        const read = readTuning(text);
        const wanted = usualMidi(6).map((midi, string) => midi + (by[string] ?? 0));
        expect(read).toMatchObject({ ok: true, value: { tuning: { midi: wanted } } });
      }),
    );
  });
});

describe("letters from thin to thick", () => {
  test("when asked, by option or by word", () => {
    expect(said("E B G D A E", { letterOrder: "high to low" })).toBe("Standard");
    expect(said("high to low: E B G D A D")).toBe("Drop D");
    expect(said("thin to thick D A G D A D")).toBe("DADGAD");
    expect(said("d a f# d a d", { letterOrder: "high to low" })).toBe("Open D");
    expect(said("E B G D A E (high to low)")).toBe("Standard");
    expect(said("low to high: E A D G B E")).toBe("Standard");
  });

  test("falling pitches written out are a crossed tuning, or one from the other end: a choice", () => {
    expect(choices("E4 B3 G3 D3 A2 E2")).toEqual(["E4 B3 G3 D3 A2 E2", "Standard"]);
    // Whoever says the order leaves no choice, and what the text says counts before the box.
    expect(choices("low to high: E4 B3 G3 D3 A2 E2")).toEqual(["E4 B3 G3 D3 A2 E2"]);
    expect(said("low to high: E A D G B E", { letterOrder: "high to low" })).toBe("Standard");
  });
});

// GNU LilyPond 2.24, string-tunings-init: the predefined bass tunings, by the names used there.
describe("basses (published)", () => {
  test.each([
    ["bass", [28, 33, 38, 43]],
    ["bass drop D", [26, 33, 38, 43]],
    ["bass five-string", [23, 28, 33, 38, 43]],
    ["bass six-string", [23, 28, 33, 38, 43, 48]],
  ])("%s", (text, midi) => {
    const read = readTuning(text);
    expect(read).toMatchObject({ ok: true, value: { tuning: { midi } } });
    expect(said(nameTuning(midi).name)).toBe(nameTuning(midi).name);
  });
});

describe("the parent, by whose chords a player thinks (common practice)", () => {
  test.each([
    ["drop C", "Drop D", -2],
    ["drop A", "Drop D", -5],
    ["Eb standard", "Standard", -1],
    ["F standard", "Standard", 1],
    ["7-string drop G", "7-string drop A", -2],
    ["7-string A standard", "7-string B standard", -2],
    ["standard", "Standard", 0],
    ["DADGAD", "DADGAD", 0],
    ["open D", "Open D", 0],
  ])("%s thinks in %s", (text, parent, semitones) => {
    const read = readTuning(text);
    if (!read.ok) throw new Error(read.problem.message);
    expect(parentOf(read.value.tuning.midi)).toMatchObject({ tuning: { name: parent }, semitones });
  });
});

describe("names in the player's accidentals", () => {
  test("the name follows them and is still read back", () => {
    const flat = usualMidi(6).map((midi) => midi - 1);
    expect(nameTuning(flat).name).toBe("Eb standard");
    expect(nameTuning(flat, "sharps").name).toBe("D# standard");
    const strings = fc.integer({ min: 4, max: 10 });
    const tuning = strings.chain((count) =>
      fc.tuple(...usualMidi(count).map((midi) => fc.integer({ min: midi - 6, max: midi + 4 }))),
    );
    fc.assert(
      fc.property(tuning, fc.constantFrom("sharps" as const, "flats" as const), (midi, signs) => {
        const read = readTuning(nameTuning(midi, signs).name, { strings: midi.length });
        expect(read).toMatchObject({ ok: true, value: { tuning: { midi } } });
      }),
      { numRuns: 60 },
    );
  });
});
