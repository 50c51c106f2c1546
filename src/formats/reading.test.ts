import { describe, expect, test } from "@jest/globals";
import { songOf } from "@/formats/convert";
import { writeChart } from "@/formats/chartText";
import { detectKind, decodeText, readFile } from "@/formats/files";
import { playedBars, type Score } from "@/formats/score";

/** The song of a text or bytes, of the kind that its content shows. */
function scoreOf(content: string | Uint8Array): Score {
  const read = readFile(content);
  if (!read.ok) throw new Error(read.problem.message);
  if (read.value.kind !== "song") throw new Error("tunings");
  return read.value.score;
}
const problemsOf = (content: string | Uint8Array) => {
  const read = readFile(content);
  return read.ok ? read.value.problems.map(({ line, message }) => `${line}: ${message}`) : [];
};
const why = (content: string | Uint8Array) => {
  const read = readFile(content);
  return read.ok ? "" : read.problem.message;
};
const chords = (score: Score) =>
  playedBars(score).map((bar) =>
    bar.chords.map(({ name, startBeat, beats, fretting }) => [
      name,
      startBeat,
      beats,
      fretting?.map((fret) => fret ?? "x").join(" ") ?? null,
    ]),
  );
const notes = (score: Score) =>
  playedBars(score).flatMap((bar, index) =>
    bar.notes.map(
      ({ startBeat, string, fret, mark }) =>
        `${index + 1}/${startBeat} ${string}:${fret} ${mark ?? ""}`,
    ),
  );

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
    expect(chords(score).map((bar) => bar.map(([name]) => name))).toEqual([
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
    expect(chords(score)[0]).toEqual([
      ["E5", 0, 2, "0 2 2 x x x"],
      ["G5", 2, 1.5, "3 5 5 x x x"],
    ]);
    expect(notes(score).slice(-11)).toEqual([
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
    expect(chords(score)[2]).toEqual([["G5", 0, 4, "7 7 7 x x x"]]);
  });

  test.each([4, 5, 7, 8, 9, 10])("%i strings, without labels", (strings) => {
    const lines = Array.from({ length: strings }, (_, row) =>
      row >= strings - 2 ? "|-5---5---7---7---|" : "|-----------------|",
    );
    const score = scoreOf(lines.join("\n"));
    expect(score.tuning?.midi).toHaveLength(strings);
    expect(notes(score)[0]).toBe("1/0 0:5 ");
    expect(notes(score)).toHaveLength(8);
  });

  test("no bar lines, a fret that no neck has, and signs that are not read: each is told", () => {
    const told = problemsOf(`G|-----------------
D|-2b4--2~--(5)-99-
A|-2-----------~---
E|-0---------------
B|-----------------
`).join("; ");
    expect(told).toMatch(/bends are read as plain notes/);
    expect(told).toMatch(/vibrato is left out/);
    expect(told).toMatch(/parentheses/);
  });
});

describe("bracketed chord sheets", () => {
  const SHEET = `{title: Iron Gate}
{x_tuning: D2 A2 D3 G3 B3 E4}
{define: D5 base-fret 5 frets x 1 3 3 x x fingers 0 1 3 4 0 0}
{start_of_verse: First}
[D5]Over the [F5]hill
{start_of_grid}
| D5 . F5 . |
{end_of_grid}
{end_of_verse}
{start_of_grid: Outro}
| D5 |
{end_of_grid}
`;

  test("a define counts from its base fret; grids belong to their part, or make one by their label", () => {
    const score = scoreOf(SHEET);
    expect(score.tuning?.name).toBe("Drop D");
    expect(score.sections.map(({ name, bars }) => [name, bars.length])).toEqual([
      ["First", 3],
      ["Outro", 1],
    ]);
    const [first] = score.sections[0]?.bars[0]?.chords ?? [];
    expect([first?.fretting, first?.fingers]).toEqual([
      [null, 5, 7, 7, null, null],
      [0, 1, 3, 4, 0, 0],
    ]);
  });

  test("a define of other strings, or none, is told in its line; a capo leaves names as they are", () => {
    expect(
      problemsOf("{define: A5 frets 0 2 2}\n{define: D5 frets what}\n[A5]x").join("; "),
    ).toMatch(/1: A5 has frets for 3 strings.*2: 'D5 frets what'/);
    const score = scoreOf('{capo: 2}\n[G]la [D]la\n{start_of_bridge label="Mid"}\n[C]x\n');
    expect([score.capo, score.names]).toEqual([2, "shape"]);
    expect(score.sections.map(({ name }) => name)).toEqual(["", "Mid"]);
    expect(
      chords(score)
        .flat()
        .map(([name]) => name),
    ).toEqual(["G", "D", "C"]);
  });

  test("kept as a song: the text letter for letter, its grips pinned", () => {
    const read = readFile(SHEET);
    if (!read.ok || read.value.kind !== "song") throw new Error("no song");
    const { song } = songOf(read.value);
    expect(song.chart).toBe(SHEET);
    expect(song.settings.marks).toEqual([
      {
        act: "pin",
        chord: "D5",
        section: null,
        at: null,
        fretting: [null, 5, 7, 7, null, null],
        fingers: [0, 1, 3, 4, 0, 0],
      },
    ]);
  });
});

describe("tables", () => {
  test("chords by comma, semicolon or tab, with or without a mark; formulas are plain text again", () => {
    for (const sign of [",", ";", "\t"]) {
      const table = [
        ["section", "bar", "beat", "beats", "chord", "frets"],
        ["Verse", 1, 1, 2, "A5", "x 0 2 2 x x"],
        ["Verse", 1, 3, 2, "D5", ""],
        ["'=Chorus", 2, 1, 4, "E5", "0 2 2 x x x"],
      ];
      const score = scoreOf(`\uFEFF${table.map((row) => row.join(sign)).join("\r\n")}`);
      expect(chords(score)).toEqual([
        [
          ["A5", 0, 2, "x 0 2 2 x x"],
          ["D5", 2, 2, null],
        ],
        [["E5", 0, 4, "0 2 2 x x x"]],
      ]);
      expect(score.sections.map(({ name }) => name)).toEqual(["Verse", "=Chorus"]);
    }
  });

  test("tunings by name and strings, other columns left out", () => {
    const read = readFile("Name;Strings;Note\nMine;drop C;low\nOther;D A D G A D;x\nBad;zz;\n");
    expect(read.ok && read.value.kind === "tunings" && read.value.tunings).toMatchObject([
      { name: "Mine", midi: [36, 43, 48, 53, 57, 62] },
      { name: "Other", midi: [38, 45, 50, 55, 57, 62] },
    ]);
    expect(problemsOf("Name;Strings\nBad;zz\n")[0]).toMatch(/^2: /);
  });
});

describe("whatever a file is", () => {
  test("its kind is found from its content", () => {
    expect(detectKind("| A5 | D5 |")).toBe("bars");
    expect(detectKind("A5 D5\nwords of a song")).toBe("bars");
    expect(detectKind("{title: X}\n[A]la")).toBe("chordpro");
    expect(detectKind("e|---0---|\nB|---1---|\nG|---2---|\nD|---3---|")).toBe("tab");
    expect(detectKind('{"version":1,"song":{}}')).toBe("json");
    expect(detectKind("<?xml version='1.0'?><score-partwise/>")).toBe("musicxml");
    expect(detectKind("tuning,strings\n")).toBe("csv");
    expect(detectKind(new TextEncoder().encode("MThd...."))).toBe("midi");
    expect(detectKind(Uint8Array.from([0x89, 80, 78, 71, 0, 0, 0, 13, 1, 2, 3, 4]))).toBeNull();
  });

  test("its letters are read in UTF-8, UTF-16 and Latin-1, with any line ends", () => {
    const text = "Title: Höhle\r| A5 |\r\n| D5 |";
    const utf16 = (isLittle: boolean, mark: boolean) => {
      const units = mark ? `\uFEFF${text}` : text;
      return Uint8Array.from(
        [...units].flatMap((sign) => {
          const code = sign.charCodeAt(0);
          return isLittle ? [code & 255, code >> 8] : [code >> 8, code & 255];
        }),
      );
    };
    const latin = Uint8Array.from(text, (sign) => sign.charCodeAt(0));
    for (const bytes of [
      new TextEncoder().encode(text),
      utf16(true, true),
      utf16(false, true),
      utf16(true, false),
      utf16(false, false),
      latin,
    ]) {
      expect(decodeText(bytes).replace("\uFEFF", "")).toBe(text);
      expect(scoreOf(bytes).title).toBe("Höhle");
      expect(playedBars(scoreOf(bytes))).toHaveLength(2);
    }
  });

  test("names in it are plain text: no control characters, no marks of direction, of one line", () => {
    const read = readFile("Title: a\u202Eb\u0007../../etc\n| A5 |");
    if (!read.ok || read.value.kind !== "song") throw new Error("no song");
    expect(songOf(read.value).song.name).toBe("a b ../../etc");
  });

  test("a newer version's file, half of one and nonsense in one are refused with the reason", () => {
    expect(why('{"version":9,"song":{}}')).toMatch(/newer one wrote it/);
    expect(why('{"version":1,"song":{"sections":[')).toMatch(/half of it/);
    const note = '{"startBeat":0,"beats":1,"string":7,"fret":2}';
    const bar = `{"meter":"4/4","beats":4,"notes":[${note}]}`;
    const tuning = '{"name":"","midi":[40,45,50,55,59,64]}';
    expect(
      why(`{"version":1,"song":{"tuning":${tuning},"sections":[{"name":"","bars":[${bar}]}]}}`),
    ).toMatch(/bars\[0\]: a note lies on a string that the tuning does not have/);
  });
});
