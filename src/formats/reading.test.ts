import { describe, expect, test } from "@jest/globals";
import { songOf } from "@/formats/convert";
import { decodeText, detectKind, readFile } from "@/formats/files";
import { chordsByBar, problemsOf, scoreOf, why } from "@/formats/testing";
import { playedBars } from "@/formats/score";

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
      chordsByBar(score)
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
      expect(chordsByBar(score)).toEqual([
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
