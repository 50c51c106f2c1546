import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { Note as TonalNote } from "tonal";
import {
  DEFAULT_TENSION_LIMITS,
  plainUnitMassGPerM,
  tensionN,
  UNKNOWN_STRING,
  type StrungGuitar,
} from "@/core/strings";
import { readTuning, usualMidi } from "@/core/tuning";
import { type ByEarCheck } from "./byEar";
import { makeRetuneSheet } from "./retuneSheet";

const guitarOf = (strings: number, frets = 22): StrungGuitar => ({
  usualMidi: usualMidi(strings),
  scalesMm: Array<number>(strings).fill(648),
  frets,
});

const midiOf = (text: string, strings = 6): readonly number[] => {
  const read = readTuning(text, { strings });
  if (!read.ok) throw new Error(read.problem.message);
  return read.value.tuning.midi;
};

const sheetFor = (from: string, to: string, strings = 6) =>
  makeRetuneSheet(guitarOf(strings), midiOf(from, strings), midiOf(to, strings));

/** The pitches that a check compares, an octave apart at most. */
const apart = (check: ByEarCheck, string: number, target: readonly number[]) =>
  (target[string] ?? NaN) +
  check.tunedFret -
  (target[check.referenceString] ?? NaN) -
  check.referenceFret;

describe("retuning by ear", () => {
  test("drop D: string 6 an octave below open string 4 (common practice)", () => {
    const { strings, order } = sheetFor("standard", "drop D");
    expect(order).toEqual([0]);
    expect(strings[0]).toMatchObject({
      from: 40,
      to: 38,
      semitones: -2,
      check: { referenceString: 2, referenceFret: 0, tunedFret: 0, kind: "octave" },
    });
    // D2 in the equal-tempered table of acoustics handbooks.
    expect(strings[0]?.hz).toBeCloseTo(73.416, 3);
    expect(
      strings.slice(1).every(({ semitones, check }) => semitones === 0 && check === null),
    ).toBe(true);
  });

  test("with every string to turn, just the first has an outside reference", () => {
    const { strings, order } = sheetFor("standard", "Eb standard");
    expect(order).toHaveLength(6);
    expect(order.filter((string) => strings[string]?.check === null)).toEqual([order[0]]);
  });

  test("standard tuning is checked at fret 5, and at fret 4 between strings 3 and 2", () => {
    // The classic way to tune (common practice): here everything but string 6 is a half step flat.
    const target = usualMidi(6);
    const flat = target.map((midi, string) => (string === 0 ? midi : midi - 1));
    const { strings } = makeRetuneSheet(guitarOf(6), flat, target);
    const frets = strings
      .slice(1)
      .map(({ check }) => check && [check.referenceString, check.referenceFret]);
    expect(frets).toContainEqual([0, 5]);
    expect(frets).toContainEqual([3, 4]);
  });

  test("the target follows the reference pitch", () => {
    const [string] = makeRetuneSheet(guitarOf(6), usualMidi(6), midiOf("drop D"), {
      a4Hz: 432,
    }).strings;
    expect(string?.hz).toBeCloseTo((73.416 * 432) / 440, 2);
    expect(string?.hz).not.toBeCloseTo(TonalNote.freq("D2") ?? 0, 0);
  });

  test("every check compares true pitches, with strings that are right by then", () => {
    const count = fc.integer({ min: 4, max: 10 });
    const tunings = count.chain((strings) => {
      const near = usualMidi(strings).map((midi) => fc.integer({ min: midi - 7, max: midi + 3 }));
      return fc.tuple(fc.tuple(...near), fc.tuple(...near));
    });
    fc.assert(
      fc.property(tunings, ([from, to]) => {
        const sheet = makeRetuneSheet(guitarOf(to.length), from, to);
        const right = new Set(
          to.flatMap((midi, string) => (midi === from[string] ? [string] : [])),
        );
        for (const string of sheet.order) {
          const check = sheet.strings[string]?.check;
          if (check) {
            expect(right).toContain(check.referenceString);
            expect(Math.abs(apart(check, string, to))).toBe(check.kind === "unison" ? 0 : 12);
            expect(Math.max(check.referenceFret, check.tunedFret)).toBeLessThanOrEqual(22);
          }
          right.add(string);
        }
        expect([...sheet.order].sort()).toEqual(
          to.flatMap((midi, string) => (midi === from[string] ? [] : [string])).sort(),
        );
        const heard = new Set<number>();
        for (const { string, check } of sheet.secondPass) {
          if (check) {
            expect(heard).toContain(check.referenceString);
            expect(Math.abs(apart(check, string, to))).toBe(check.kind === "unison" ? 0 : 12);
          }
          heard.add(string);
        }
        expect(heard.size).toBe(to.length);
      }),
      { numRuns: 60 },
    );
  });

  test("there and back is nothing", () => {
    const near = usualMidi(6).map((midi) => fc.integer({ min: midi - 7, max: midi + 3 }));
    fc.assert(
      fc.property(fc.tuple(...near), fc.tuple(...near), (a, b) => {
        const there = makeRetuneSheet(guitarOf(6), a, b).strings;
        const back = makeRetuneSheet(guitarOf(6), b, a).strings;
        there.forEach(({ semitones }, string) =>
          expect(semitones + (back[string]?.semitones ?? NaN)).toBe(0),
        );
      }),
      { numRuns: 40 },
    );
  });

  test("a tuning for another number of strings is no target", () => {
    expect(() => makeRetuneSheet(guitarOf(6), usualMidi(6), usualMidi(7))).toThrow(RangeError);
  });
});

describe("the order of strings", () => {
  /** How unevenly the load changes along an order, by the definition in retuneOrder. */
  const peak = (order: readonly number[], loads: readonly number[]) => {
    const middle = (loads.length - 1) / 2;
    const at = (strings: readonly number[], of: (string: number) => number) =>
      strings.reduce((sum, string) => sum + of(string), 0);
    const pull = (string: number) => loads[string] ?? 0;
    const twist = (string: number) => pull(string) * ((string - middle) / middle);
    return Math.max(
      ...order.map((_, index) => {
        const done = order.slice(0, index + 1);
        const share = done.length / order.length;
        return (
          Math.abs(at(done, pull) - share * at(order, pull)) +
          Math.abs(at(done, twist) - share * at(order, twist))
        );
      }),
    );
  };

  test("it keeps the load more even than going straight across", () => {
    const { strings, order } = sheetFor("standard", "D standard");
    const loads = strings.map(({ semitones }) => 2 ** (semitones / 6) - 1);
    expect(peak(order, loads)).toBeLessThan(peak([0, 1, 2, 3, 4, 5], loads));
  });

  test("ten strings, all to turn, are ordered too", () => {
    const usual = usualMidi(10);
    const { order } = makeRetuneSheet(
      guitarOf(10),
      usual,
      usual.map((midi) => midi - 1),
    );
    expect(new Set(order).size).toBe(10);
  });
});

describe("what it does to tension", () => {
  test("in shares while the strings are unknown: drop D leaves 79.4 % of string 6", () => {
    const { strings, pull } = sheetFor("standard", "drop D");
    expect(strings[0]?.usualShare).toBeCloseTo(0.794, 3);
    expect(strings[0]?.tension).toBeNull();
    expect(pull.changeN).toBeNull();
    expect(pull.share).toBeCloseTo((5 + 0.7937) / 6, 4);
  });

  test("in newtons where every string is known", () => {
    const plain = (diameterMm: number) => ({ ...UNKNOWN_STRING, diameterMm });
    const diameters = [0.6, 0.5, 0.45, 0.4, 0.33, 0.254];
    const guitar = { ...guitarOf(6), strings: diameters.map(plain) };
    const { pull, strings } = makeRetuneSheet(guitar, usualMidi(6), midiOf("drop D"));
    const mass = plainUnitMassGPerM(0.6);
    const change = tensionN(mass, 648, 73.416) - tensionN(mass, 648, 82.407);
    expect(pull.changeN).toBeCloseTo(change, 2);
    expect(strings[5]?.tension?.toN).toBeCloseTo(72.6, 1);
  });

  test("one unknown string is enough to know no total", () => {
    const strings = [UNKNOWN_STRING, ...Array(5).fill({ ...UNKNOWN_STRING, diameterMm: 0.3 })];
    const sheet = makeRetuneSheet({ ...guitarOf(6), strings }, usualMidi(6), midiOf("drop D"));
    expect(sheet.pull.changeN).toBeNull();
    expect(sheet.strings[0]?.tension).toBeNull();
    expect(sheet.strings[5]?.tension).not.toBeNull();
  });
});

describe("warnings", () => {
  const kinds = (from: string, to: string) =>
    sheetFor(from, to).warnings.map((warning) =>
      "string" in warning ? `${warning.kind} ${6 - warning.string}` : warning.kind,
    );

  test("drop D needs none, nor a whole guitar up to two half steps down (common practice); three change the total", () => {
    expect(kinds("standard", "drop D")).toEqual([]);
    expect(kinds("standard", "E flat standard")).toEqual([]);
    expect(kinds("standard", "D standard")).toEqual([]);
    expect(kinds("standard", "C# standard")).toContain("total");
  });

  test("drop C leaves string 6 at 63 %: slack", () => {
    expect(kinds("standard", "drop C")).toEqual(["slack 6", "total"]);
  });

  test("above what a string is made for it may snap, and a G4 of plain steel is near breaking", () => {
    expect(kinds("standard", "open E")).toEqual([
      "above usual 5",
      "above usual 4",
      "above usual 3",
      "total",
    ]);
    expect(kinds("standard", "E2 A2 D3 G3 B3 G4")).toEqual(["near breaking 1"]);
    expect(kinds("standard", "E2 A2 D3 G3 B3 F#4")).toEqual(["above usual 1"]);
  });

  test("the player's own limits hold", () => {
    const strict = { ...DEFAULT_TENSION_LIMITS, slackShare: 0.9, totalShare: 0.01 };
    const { warnings } = makeRetuneSheet(guitarOf(6), usualMidi(6), midiOf("drop D"), {
      limits: strict,
    });
    expect(warnings.map(({ kind }) => kind)).toEqual(["slack", "total"]);
  });
});
