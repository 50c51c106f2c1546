import { describe, expect, test } from "@jest/globals";
import { barsIn } from "./barsIn";
import { countText, countTime } from "./counts";
import { blocksIn, isChords, isCounts, isMutes } from "./systems";
import { timesIn, type CountWord } from "./timesIn";
import { tuningOfLabels } from "./tuningOfLabels";

const wordsOf = (text: string): readonly CountWord[] =>
  [...text.matchAll(/\S+/g)].map(({ 0: word, index }) => ({ text: word, column: index }));
/** The times of a bar's columns that hold a fret. */
function times(body: string, counts = "", meter = "4/4", beats = 4): readonly number[] {
  const columns = [...body.matchAll(/\d+/g)].map(({ index }) => index);
  const bar = { from: 0, to: body.length, opens: false, closes: null };
  const found = timesIn(columns, bar, beats, meter, wordsOf(counts));
  return columns.map((column) => found.get(column) ?? NaN);
}

describe("when the notes of a bar are", () => {
  test.each([
    ["-5---5---5---5---", [0, 1, 2, 3]],
    ["5---5---5---5---", [0, 1, 2, 3]],
    ["-5-5-5-5-5-5-5-5-", [0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5]],
    ["--5---7---8---5---", [0, 1, 2, 3]],
    ["-5-----7-----------------", [0, 1]],
    ["-5--5--5--5--5--5--", [0, 2 / 3, 4 / 3, 2, 8 / 3, 10 / 3]],
    ["---------5-------", [2]],
  ])("%s, without counts", (body, expected) => {
    expect(times(body).map((time) => Math.round(time * 96) / 96)).toEqual(expected);
  });

  test.each([
    ["-5-5-5-5-", " 1 2 3 4 ", [0, 1, 2, 3]],
    ["-5-5-5-5-", " 1 & 2 & ", [0, 0.5, 1, 1.5]],
    ["-5-5-5-5-", " 1 e & a ", [0, 0.25, 0.5, 0.75]],
    ["-5---5-----", " 1   2.5", [0, 1.5]],
    // A note between two counts is where it stands between them.
    ["-5-5-5-----", " 1   2   3", [0, 0.5, 1]],
    // A note beside a count that has none is meant for it.
    ["--5---5-----", " 1   2   3", [0, 1]],
  ])("%s, counted %s", (body, counts, expected) => {
    expect(times(body, counts)).toEqual(expected);
  });

  test("counts of eighths in 6/8", () => {
    expect(times("-5-5-5-5-5-5-", " 1 2 3 4 5 6", "6/8", 3)).toEqual([0, 0.5, 1, 1.5, 2, 2.5]);
  });

  test("a count is written as it is read", () => {
    for (const meter of ["4/4", "3/4", "6/8", "12/8"]) {
      for (let parts = 0; parts < 96; parts++) {
        const time = parts / 32;
        const text = countText(time, meter, false);
        expect([text, countTime(text, 1, meter)]).toEqual([text, time]);
      }
    }
    expect([countText(0.5, "4/4"), countText(1.75, "4/4"), countText(1.75, "4/4", false)]).toEqual([
      "&",
      "a",
      "2.75",
    ]);
  });
});

describe("what stands over strings", () => {
  test("chords, counts and palm mutes are told apart, and from words", () => {
    expect(["A5  D5", "N.C. Am7/G", "C"].map(isChords)).toEqual([true, true, true]);
    expect(["Chorus:", "A song of mine", "1 2 3 4", ""].map(isChords)).toEqual([
      false,
      false,
      false,
      false,
    ]);
    // Counts of sixteenths have more chord names than numbers.
    expect(isChords("1 e a")).toBe(false);
    expect(["1 & 2 &", "1 e + a", "4 1 2"].map(isCounts)).toEqual([true, true, true]);
    expect(["e a e", "A5", ""].map(isCounts)).toEqual([false, false, false]);
    expect(["PM----|", "  P.M. - - -", "pm"].map(isMutes)).toEqual([true, true, true]);
    expect(["palm", "PMx"].map(isMutes)).toEqual([false, false]);
  });

  test("bars between lines, with repeats and how often", () => {
    const strings = Array.from({ length: 4 }, (_, at) => ({
      line: at + 1,
      label: "",
      from: 0,
      body:
        at === 1
          ? "||:-1-|-2-:||x3-3-|"
          : "||.-1-|-2-.||---3-|".replaceAll(".", at === 2 ? ":" : "-"),
    }));
    expect(barsIn(strings).map(({ opens, closes }) => [opens, closes])).toEqual([
      [true, null],
      [false, 3],
      [false, null],
    ]);
  });

  test("four to ten lines are a system; fewer, and charts of bars, are text", () => {
    const kinds = (text: string) => blocksIn(text).map(({ kind }) => kind);
    expect(kinds("e|--1--|\nB|--1--|\nG|--2--|")).toEqual(["text", "text", "text"]);
    expect(kinds("| A5 - - - |\n| D5 - - - |\n| E5 - - - |\n| A5 - - - |")).toEqual(
      Array.from({ length: 4 }, () => "text"),
    );
    const system = Array.from({ length: 7 }, () => "|--0--|").join("\n");
    expect(kinds(`${system}\n\n${system}`)).toEqual(["system", "text", "system"]);
  });
});

describe("the notes beside strings", () => {
  test.each([
    ["E B G D A E", "Standard", false],
    ["e B G D A D", "Drop D", false],
    ["E A D G B e", "Standard", true],
    ["D A F# D A D", "Open D", false],
    ["E B G D A E B", "7-string B standard", false],
    ["G D A E", "4-string E standard", false],
  ])("%s from the top", (labels, name, isUpsideDown) => {
    const read = tuningOfLabels(labels.split(" "));
    expect([read?.tuning.name, read?.isUpsideDown]).toEqual([name, isUpsideDown]);
  });

  test("none is the usual tuning, nonsense is none", () => {
    expect(tuningOfLabels(["", "", "", "", "", ""])?.tuning.name).toBe("Standard");
    expect(tuningOfLabels(["E", "", "G", "D", "A", "E"])).toBeNull();
  });
});
