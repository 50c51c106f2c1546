import { describe, expect, test } from "@jest/globals";
import { markRole } from "./Mark";
import { mapMarkText, markText } from "./markText";

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

  test("fingers and degrees never stand in one picture", () => {
    expect(mapMarkText("finger", { ...place, tone: 0 })).toBe("");
    expect(markText("finger", { ...place, finger: 0, fret: 0 })).toBe("0");
    expect(markText("finger", { ...place, finger: 0 })).toBe("");
    expect(mapMarkText("octave", { ...place, midi: 59 })).toBe("3");
  });
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
