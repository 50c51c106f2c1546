import { describe, expect, test } from "@jest/globals";
import { readSheet } from "@/formats/chartText";
import { withGripsOf } from "@/formats/testing";
import { writtenOut, type Score } from "@/formats/score";
import { nameTuning } from "@/core/tuning";
import { writeTab } from "./writeTab";

const DROP_D = nameTuning([38, 45, 50, 55, 59, 64]);
function tab(chart: string, width?: number): string {
  const score: Score = { ...readSheet(chart).score, tuning: DROP_D };
  return writeTab(writtenOut(withGripsOf(score)), DROP_D, width).text;
}

describe("tablature as text", () => {
  test("a line of chord names, a line of counts, then the strings, thinnest first", () => {
    expect(tab("[Verse]\n| D5 . F5 . | G5 |")).toBe(`[Verse]

   D5  F5   G5
   1 2 3 4  1 2 3 4
E|--------|--------|
B|--------|--------|
G|--------|--------|
D|-0-0-3-3|-5-5-5-5|
A|-0-0-3-3|-5-5-5-5|
D|-0-0-3-3|-5-5-5-5|
`);
  });

  test("palm mutes stand on top; a shuffle is counted in even thirds", () => {
    expect(tab("Texture: muted eighths shuffle\n| D5 |")).toBe(`   PM---------------------
   D5
   1     2     3     4
E|------------------------|
B|------------------------|
G|------------------------|
D|-0---0-0---0-0---0-0---0|
A|-0---0-0---0-0---0-0---0|
D|-0---0-0---0-0---0-0---0|
`);
  });

  test("a palm mute on the last column of a bar leaves the next bar's in its place", () => {
    const muted = { beats: 1, string: 0, fret: 5, mark: "pm" };
    const bar = (startBeat: number) => ({
      meter: "4/4",
      beats: 4,
      tempoBpm: null,
      chords: [],
      notes: [{ ...muted, startBeat }],
    });
    const score: Score = {
      ...readSheet("").score,
      tuning: DROP_D,
      sections: [{ name: "", bars: [bar(3), bar(0)] }],
      order: [
        [0, 0],
        [0, 1],
      ],
    };
    const [mutes, , , , , , , lowest] = writeTab(score, DROP_D).text.split("\n");
    expect([mutes, lowest]).toEqual(["         PM PM", "D|-------5|-5------|"]);
  });

  test("wrapped at the width, a blank line between systems; a pick-up is counted from where it comes", () => {
    const lines = tab("Pickup: 1\n| D5 |\n| F5 | G5 | D5 |", 30).split("\n");
    expect(Math.max(...lines.map(({ length }) => length))).toBeLessThanOrEqual(30);
    expect(lines[1]).toBe("   4   1 2 3 4  1 2 3 4");
    expect(lines.filter((line) => line === "")).toHaveLength(2);
  });

  test("other meters begin a system; wide names make room", () => {
    const text = tab("| Dsus4/A Fsus2sus4 |\nTime: 6/8\n| G5 |");
    expect(text).toContain("Dsus4/A");
    expect(text).toMatch(/Dsus4\/A +Fsus2sus4/);
    expect(text).toContain("Time: 6/8\n");
    expect(text).toMatch(/ {3}1 2 3 4 5 6\n/);
  });
});
