import { describe, expect, test } from "@jest/globals";
import { playedChords, quartersPerBeat, readChart } from "../index";

const played = (text: string) =>
  playedChords(readChart(text)).map(({ name, start, beats }) => [name, start, beats]);

describe("what is played of a chart", () => {
  test("repeats are written out, and silence follows what is cut", () => {
    expect(played("|: A5! r . D5 | N.C. :|")).toEqual([
      ["A5", 0, 0.5],
      ["D5", 3, 1],
      ["A5", 8, 0.5],
      ["D5", 11, 1],
    ]);
  });

  test("a chord that comes early sounds as long as it is told, from before its bar", () => {
    expect(played("| A5 | <D5 |")).toEqual([
      ["A5", 0, 3.5],
      ["D5", 3.5, 4.5],
    ]);
  });

  test("beats are the meter's own: a dotted quarter in 6/8", () => {
    expect(played("Time: 6/8\n| A5 D5 |")).toEqual([
      ["A5", 0, 1.5],
      ["D5", 1.5, 1.5],
    ]);
    expect(["4/4", "2/2", "3/8", "6/8", "12/8", "7/8"].map(quartersPerBeat)).toEqual([
      1, 2, 0.5, 1.5, 1.5, 0.5,
    ]);
  });

  test("what is no chord takes no place", () => {
    expect(played("| A5 Xy7 | N.C. |")).toEqual([["A5", 0, 2]]);
    expect(played("words only")).toEqual([]);
  });
});
