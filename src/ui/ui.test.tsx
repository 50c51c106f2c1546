import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { makeNeck, type Neck } from "@/core/neck";
import { fingersText, spokenFretting } from "./grip";
import { markRole } from "./neck";
import { mapMarkText, markText } from "./neck/markText";
import { makeNeckScale } from "./neck/neckScale";
import { spokenNotes, splitSigns } from "./text";

const STANDARD = [40, 45, 50, 55, 59, 64];

const neckOf = (midi: readonly number[], frets = 22): Neck => {
  const neck = makeNeck({ midi, frets });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};

describe("real sharp and flat signs", () => {
  const shown = (text: string) =>
    splitSigns(text)
      .map((piece) => piece.text)
      .join("");

  test.each([
    ["C#5/G#", "C♯5/G♯"],
    ["Bb2 F#3", "B♭2 F♯3"],
    ["Drop C#", "Drop C♯"],
    ["8-string F# standard", "8-string F♯ standard"],
    ["Ab standard", "A♭ standard"],
    ["b3", "♭3"],
    ["C5(b5)", "C5(♭5)"],
    ["F##4", "F♯♯4"],
    ["Bbmaj7/D", "B♭maj7/D"],
    ["Ebm", "E♭m"],
    ["Bbm7(no5)", "B♭m7(no5)"],
    ["F#sus4/C#", "F♯sus4/C♯"],
    ["Abdim", "A♭dim"],
    ["Ebaug/G", "E♭aug/G"],
    ["F#(add9)", "F♯(add9)"],
    ["C7b9", "C7♭9"],
    ["Baritone eight", "Baritone eight"],
    ["Double drop D", "Double drop D"],
    ["7-string B standard", "7-string B standard"],
    ["Abe", "Abe"],
  ])("%s", (text, expected) => expect(shown(text)).toBe(expected));

  test("a screen reader says the sign", () => expect(spokenNotes("F#5")).toBe("F sharp5"));
});

describe("what a mark says", () => {
  const C = { letter: "C", accidental: 0 } as const;
  const place = { root: C, midi: 60, fret: 5, tone: 12, finger: 4 };

  test.each([
    ["degree", "8"],
    ["note", "C"],
    ["finger", "4"],
    ["fret", "5"],
    ["octave", "4"],
  ] as const)("%s: %s", (labels, text) => expect(markText(labels, place)).toBe(text));

  test("a map knows no fingers, and a string without one tells its degree", () => {
    expect(mapMarkText("finger", { ...place, tone: 0 })).toBe("R");
    expect(markText("finger", { ...place, finger: 0 })).toBe("8");
    expect(mapMarkText("octave", { ...place, midi: 59 })).toBe("3");
  });
});

describe("the neck drawing", () => {
  test("at any width, marks keep their order, stay on the board and do not overlap", () => {
    const strings = fc.integer({ min: 4, max: 10 });
    const width = fc.integer({ min: 700, max: 2400 });
    fc.assert(
      fc.property(strings, fc.integer({ min: 12, max: 24 }), width, (count, frets, px) => {
        const neck = neckOf(
          Array.from({ length: count }, (_, string) => 30 + 5 * string),
          frets,
        );
        const scale = makeNeckScale(neck, px);
        for (let fret = 1; fret <= frets; fret++) {
          const step = scale.markX(0, fret) - scale.markX(0, fret - 1);
          expect(step).toBeGreaterThan(0);
          if (fret > 1 && px >= 42 * frets) {
            expect(scale.markSize(fret) + scale.markSize(fret - 1)).toBeLessThanOrEqual(step);
          }
          expect(scale.markX(0, fret)).toBeLessThan(px);
        }
        const pitch = scale.stringY(0) - scale.stringY(1);
        expect(2 * scale.markSize(1)).toBeLessThanOrEqual(pitch);
      }),
      { numRuns: 50 },
    );
  });

  test("frets keep their true proportions: half the scale lies below fret 12", () => {
    const scale = makeNeckScale(neckOf(STANDARD, 24), 1232);
    const nut = scale.wireX(0, 0);
    const ratio = (scale.wireX(0, 12) - nut) / (scale.wireX(0, 24) - nut);
    expect(ratio).toBeCloseTo(324 / 486, 6);
  });

  test("the octave of a root is told apart from it, a fifth is one in any octave", () => {
    expect([0, 12, 7, -5, 19, 4, 14].map(markRole)).toEqual([
      "root",
      "octave",
      "fifth",
      "fifth",
      "fifth",
      "third",
      "other",
    ]);
  });
});

describe("words for figures", () => {
  test("a grip is spoken string by string", () => {
    expect(spokenFretting([null, 0, 2, 2, null, null])).toBe(
      "from the thick string: silent, open, 2, 2, silent, silent",
    );
    expect(fingersText([0, 1, "T", 0])).toBe("1 T");
    expect(fingersText([0, 0])).toBe("open");
  });
});
