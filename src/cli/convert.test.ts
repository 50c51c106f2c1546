import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, test } from "@jest/globals";
import { type Score } from "@/formats/score";
import { convertCommand } from "./commands/convert";
import { runNow } from "./testing";

interface Answer {
  readonly text?: string;
  readonly path?: string;
  readonly bytes?: number;
  readonly problems: readonly { readonly line: number | null; readonly message: string }[];
}
let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-convert-"));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function convert(args: object): Answer {
  const result = runNow(convertCommand, args);
  if (!result.ok) throw new Error(`${result.problem.field}: ${result.problem.message}`);
  return result.value as Answer;
}
const why = (args: object) => {
  const result = runNow(convertCommand, args);
  return result.ok ? "" : `${result.problem.field}: ${result.problem.message}`;
};
const jsonOf = (args: object) =>
  (JSON.parse(convert({ to: "json", ...args }).text ?? "") as { readonly song: Score }).song;

const SHEET = "{title: Gate}\r\n{key: Em}\r\n[E5]One [A5]two\r\n";

describe("convert", () => {
  test("from chordpro to chordpro gives the very bytes back, whatever they are encoded in", () => {
    expect(convert({ input: SHEET, to: "chordpro" }).text).toBe(SHEET);
    expect(convert({ input: "[E5]One [A5]two\r\n", to: "chordpro" }).text).toBe(
      "[E5]One [A5]two\r\n",
    );
    const plain = join(folder, "plain.cho");
    writeFileSync(plain, "A5   D5\nwords");
    expect(convert({ input: plain, to: "chordpro" }).text).toBe("A5   D5\nwords");
    const latin = join(folder, "latin.cho");
    writeFileSync(latin, Buffer.from("{title: H\u00f6hle}\r[E5]x\r", "latin1"));
    const out = join(folder, "again.cho");
    expect(convert({ input: latin, out }).bytes).toBe(21);
    expect(readFileSync(out)).toEqual(readFileSync(latin));
  });

  test("with a tuning, its grips are written in lines of their own and read again; the rest stays", () => {
    const { text = "" } = convert({ input: SHEET, to: "chordpro", tuning: "drop D" });
    expect(text.startsWith("{x_tuning: D2 A2 D3 G3 B3 E4}\r\n{title: Gate}\r\n{key: Em}\r\n")).toBe(
      true,
    );
    const lines = text.split("\r\n");
    expect(lines.filter((line) => !/^\{(x_tuning|define)/.test(line)).join("\r\n")).toBe(SHEET);
    const song = jsonOf({ input: text });
    expect(song.tuning?.midi).toEqual([38, 45, 50, 55, 59, 64]);
    expect(song.sections[0]?.bars.map(({ chords }) => chords[0]?.fretting)).toEqual([
      [2, 2, 2, null, null, null],
      [null, 0, 2, 2, null, null],
    ]);
    // Written once more it is the same, letter for letter.
    expect(convert({ input: text, to: "chordpro", tuning: "drop D" }).text).toBe(text);
  });

  test("the route's arguments choose the way", () => {
    const low = jsonOf({
      input: "| A5 | E5 |",
      tuning: "standard",
      route: { limits: { frets: [7, 12] } },
    });
    const frets = low.sections[0]?.bars.flatMap(({ chords }) => chords[0]?.fretting ?? []) ?? [];
    expect(
      Math.min(...frets.filter((fret) => fret !== null && fret > 0).map(Number)),
    ).toBeGreaterThanOrEqual(7);
    expect(
      why({ input: "| A5 |", to: "tab", route: { limits: { frets: [20, 21] }, goal: "x" } }),
    ).toMatch(/^route\.goal/);
    expect(
      why({
        input: "| A5 |",
        to: "json",
        route: { limits: { frets: [13, 14], rootStrings: [5] } },
      }),
    ).toMatch(/^route\.limits/);
  });

  test("frets of a file are for the tuning that is given, unless it says another", () => {
    const sheet = "{define: D5 frets 0 0 0 x x x}\n| D5 |";
    expect(
      jsonOf({ input: sheet, tuning: "drop D" }).sections[0]?.bars[0]?.chords[0]?.fretting,
    ).toEqual([0, 0, 0, null, null, null]);
    const { problems } = convert({
      input: `{x_tuning: standard}\n${sheet}`,
      to: "tab",
      tuning: "drop D",
    });
    expect(problems.map(({ message }) => message).join()).toMatch(/planned anew in Drop D/);
  });

  test("names over a capo: shapes stay as they are written, and are planned as shapes", () => {
    const song = jsonOf({ input: "{capo: 3}\n| G | C |", tuning: "standard" });
    expect([song.capo, (song as unknown as { guitar: object }).guitar]).toEqual([
      undefined,
      { capo: 3, names: "shape" },
    ]);
    expect(song.sections[0]?.bars.map(({ chords }) => chords[0]?.fretting)).toEqual([
      [3, 2, 0, 0, 3, 3],
      [null, 3, 2, 0, 1, 0],
    ]);
    // As MusicXML they are called by what sounds.
    const { text = "" } = convert({ input: "{capo: 3}\n| G | C |", to: "musicxml" });
    expect(text).toMatch(/<root-step>B<\/root-step>\s*<root-alter>-1/);
    expect(text).toContain("<capo>3</capo>");
  });

  test("a table of a song has a row for each chord as played, and is read again", () => {
    const { text = "" } = convert({ input: "[Verse x2]\n| A5 D5 |\n", to: "csv" });
    const [head, ...rows] = text.trim().split("\r\n");
    expect(head).toBe("section,bar,beat,beats,chord,frets,fingers,effort");
    expect(rows.map((row) => row.split(",").slice(0, 5).join(" "))).toEqual([
      "Verse 1 1 2 A5",
      "Verse 1 3 2 D5",
      "Verse 2 1 2 A5",
      "Verse 2 3 2 D5",
    ]);
    expect(jsonOf({ input: text }).sections[0]?.bars).toHaveLength(2);
  });

  test("what lacks a place to go, or a kind, names its argument", () => {
    expect(why({ input: "| A5 |" })).toMatch(/^to: /);
    expect(why({ input: "| A5 |", to: "pdf" })).toMatch(/^out: /);
    expect(why({ input: join(folder, "none.mid"), to: "json" })).toMatch(/^input: .*no such file/);
    expect(why({ input: "| A5 |", out: join(folder, "no/such/x.mid") })).toMatch(/^out: /);
    expect(why({ input: "name,strings\nMine,drop C\n", to: "tab" })).toMatch(/^to: tunings/);
    expect(why({ input: "| A5 |", to: "json", tuning: "qq" })).toMatch(/^tuning: /);
    expect(why({ input: "| A5 |", to: "tab", width: 3 })).toMatch(/^width/);
  });

  test("at most two hundred problems, then how many more", () => {
    const { problems } = convert({ input: `| A5 |\n| ${"Hx ".repeat(300)}|`, to: "bars" });
    expect(problems).toHaveLength(201);
    expect(problems.at(-1)?.message).toMatch(/^and 10\d more$/);
  });

  test("sheets as PDF and SVG: fonts inside, equal bytes for equal songs, one page for a stage", () => {
    const input = "{title: Gate & Key}\n[Verse]\n| F#5 . Bb5 . | Eb5 |\n[Chorus]\n| G5 | D5 |";
    const sheets = ["song", "stage", "lesson", "tuning"].map((sheet) => {
      const out = join(folder, `${sheet}.pdf`);
      convert({ input, out, sheet, paper: "letter" });
      return readFileSync(out, "latin1");
    });
    for (const pdf of sheets) {
      expect(pdf).toMatch(/^%PDF-1\.\d/);
      expect(pdf).toMatch(/\/FontFile2/);
      expect(pdf).toMatch(/\/MediaBox \[0 0 612 792\]/);
    }
    expect(sheets[1]?.match(/\/Type \/Page\b/g)).toHaveLength(1);
    const again = join(folder, "again.pdf");
    convert({ input, out: again, sheet: "song", paper: "letter" });
    expect(readFileSync(again, "latin1")).toBe(sheets[0]);
    const { text = "" } = convert({ input, to: "svg", sheet: "lesson" });
    expect(text).toContain("<title>Gate &amp; Key</title>");
    expect(text).toContain(">F♯5</text>");
    expect(text).toContain("font/woff;base64,");
    // In black, white and greys: nothing is lost on any printer.
    const colours = new Set(text.match(/#[0-9a-f]{6}\b/g));
    for (const colour of colours) expect(colour).toMatch(/^#(..)\1\1$/);
  });
});

test("a device is refused, not read without end", () => {
  expect(runNow(convertCommand, { input: "/dev/zero", from: "bars", to: "json" })).toMatchObject({
    ok: false,
    problem: { field: "input", message: expect.stringMatching(/a pipe or a device/) },
  });
});
