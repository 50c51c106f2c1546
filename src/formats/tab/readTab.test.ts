import { describe, expect, test } from "@jest/globals";
import { writeChart } from "@/formats/chartText";
import { readFile } from "@/formats/files";
import { chordsByBar, notesAsPlayed, problemsOf, scoreOf } from "@/formats/testing";

describe("tablature as people type it (layouts are common practice)", () => {
  test("names over the notes of the strings, how often a part is played, title and tempo in other words", () => {
    const score = scoreOf(`Song: Low Gate
Tempo 140 bpm

[Intro] x2
A5       D5
e|-----------------|
B|-----------------|
G|---------7-------|
D|-2-------7-------|
A|-2-------5-------|
E|-0---------------|
`);
    expect([score.title, score.tempoBpm]).toEqual(["Low Gate", 140]);
    expect(score.sections.map(({ name }) => name)).toEqual(["Intro"]);
    expect(chordsByBar(score).map((bar) => bar.map(([name]) => name))).toEqual([
      ["A5", "D5"],
      ["A5", "D5"],
    ]);
  });

  test("a bar whose columns say no even time becomes one that can be read, its chords apart", () => {
    const tab = `e|-------------------------|
B|-------------------------|
G|-------------------------|
D|-2--5-----7---2----5---9-|
A|-2--5-----7---2----5---9-|
E|-0--3-----5---0----3---7-|
`;
    const read = readFile(tab);
    if (!read.ok || read.value.kind !== "song") throw new Error("no song");
    const { text } = writeChart(read.value.score);
    const [bar = ""] = /\|.*\|/.exec(text) ?? [];
    expect(bar.split(/\s+/).length).toBeLessThan(40);
    expect(bar.match(/[A-G]#?5/g)).toEqual(["E5", "G5", "A5", "E5", "G5", "B5"]);
  });

  test("even dashes, chords struck together, hammer-ons, slides and dead strings", () => {
    const score = scoreOf(`e|-----------------|-----------------|
B|-----------------|-----------------|
G|-----------------|-----------------|
D|-2---2---5---5h7-|-x---7/9-----9p7-|
A|-2---2---5---5---|-x---7/9---------|
E|-0---0---3---3---|-x---------------|
`);
    expect(score.tuning?.name).toBe("Standard");
    expect(chordsByBar(score)[0]).toEqual([
      ["E5", 0, 2, "0 2 2 x x x"],
      ["G5", 2, 1.5, "3 5 5 x x x"],
      ["4:7", 3.5, 0.5, "x x 7 x x x"],
    ]);
    expect(notesAsPlayed(score).slice(-11)).toEqual([
      "1/3 2:5 ",
      "1/3.5 2:7 h",
      "2/0 0:0 x",
      "2/0 1:0 x",
      "2/0 2:0 x",
      "2/1 1:7 ",
      "2/1 2:7 ",
      "2/1.5 1:9 /",
      "2/1.5 2:9 /",
      "2/3 2:9 ",
      "2/3.5 2:7 p",
    ]);
  });

  test("systems wrapped without a gap, a repeat, a palm mute and a heading", () => {
    const score = scoreOf(`Tuning: drop C
Chorus:
  PM----------|
D|--------------------||
A|--------------------||
F|--------------------||
C|:-0-0-0-0--3-3-5-5-:||
G|:-0-0-0-0--3-3-5-5-:||
C|:-0-0-0-0--3-3-5-5-:||
D|----------------|
A|----------------|
F|----------------|
C|-7--------------|
G|-7--------------|
C|-7--------------|
`);
    expect(score.tuning?.name).toBe("Drop C");
    expect(score.sections.map(({ name }) => name)).toEqual(["Chorus"]);
    expect(score.order).toEqual([
      [0, 0],
      [0, 0],
      [0, 1],
    ]);
    const muted = score.sections[0]?.bars[0]?.notes.filter(({ mark }) => mark === "pm") ?? [];
    expect(new Set(muted.map(({ fret }) => fret))).toEqual(new Set([0, 3]));
    expect(chordsByBar(score)[2]).toEqual([["G5", 0, 4, "7 7 7 x x x"]]);
  });

  test.each([4, 5, 7, 8, 9, 10])("%i strings, without labels", (strings) => {
    const lines = Array.from({ length: strings }, (_, row) =>
      row >= strings - 2 ? "|-5---5---7---7---|" : "|-----------------|",
    );
    const score = scoreOf(lines.join("\n"));
    expect(score.tuning?.midi).toHaveLength(strings);
    expect(notesAsPlayed(score)[0]).toBe("1/0 0:5 ");
    expect(notesAsPlayed(score)).toHaveLength(8);
  });

  test("no bar lines, and signs that are not read: each is reported", () => {
    const told = problemsOf(`G|-----------------
D|-2b4--2~--(5)-99-
A|-2-----------~---
E|-0---------------
B|-----------------
`).join("; ");
    expect(told).toMatch(/vibrato is left out/);
    expect(told).toMatch(/parentheses/);
  });
});
