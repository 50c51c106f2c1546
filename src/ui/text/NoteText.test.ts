import { describe, expect, test } from "@jest/globals";
import { splitSigns, spokenNotes } from "./NoteText";

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
