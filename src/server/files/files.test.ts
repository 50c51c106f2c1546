import { describe, expect, test } from "@jest/globals";
import { strToU8, zipSync } from "fflate";
import { DEFAULT_COMPARISON, newGuitar } from "@/state";
import { type FilePreview } from "@/wire";
import { validate } from "@/server/edge";
import { readUpload } from "./readUpload";
import { pictureSchema, writePicture } from "./writePicture";
import { writeSchema, writeSong } from "./writeSong";

const bytes = (text: string) => new TextEncoder().encode(text);
function preview(content: string | Uint8Array): FilePreview {
  const read = readUpload(typeof content === "string" ? bytes(content) : content);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
}
const why = (content: string | Uint8Array) => {
  const read = readUpload(typeof content === "string" ? bytes(content) : content);
  return read.ok ? "" : read.problem.message;
};

describe("a file that is brought in", () => {
  test("a chart, line by line: music, words, and what was not understood", () => {
    const shown = preview("Title: Gate\n| A5 . Hx . |\nsing this line\n\n| D5 |\n");
    expect(shown).toMatchObject({ kind: "song", from: "bars", bars: 2, chords: 2, grips: 0 });
    if (shown.kind !== "song") throw new Error("no song");
    expect(shown.lines.map(({ state }) => state)).toEqual([
      "music",
      "problem",
      "words",
      "blank",
      "music",
      "blank",
    ]);
    expect(shown.problems).toEqual([expect.objectContaining({ line: 2 })]);
    expect(shown.song.name).toBe("Gate");
  });

  test("a guitar and a comparison of Tenon's own, or what is wrong with them", () => {
    const guitar = { ...newGuitar(7, "Long seven"), tunedMidi: newGuitar(7, "").usualMidi };
    expect(preview(JSON.stringify({ version: 1, guitar }))).toMatchObject({
      kind: "guitar",
      guitar,
    });
    const comparison = {
      name: "Two",
      comparison: {
        ...DEFAULT_COMPARISON,
        chords: "A5 D5",
        columns: [{ guitarId: 1, midi: [40, 45, 50, 55, 59, 64] }],
      },
    };
    expect(preview(JSON.stringify({ version: 1, comparison }))).toMatchObject({
      kind: "comparison",
      ...comparison,
    });
    expect(why(JSON.stringify({ version: 1, guitar: { ...guitar, scaleMm: 3 } }))).toMatch(
      /scale/i,
    );
  });

  test("what belongs elsewhere is sent there", () => {
    const backup = zipSync({ "tenon.json": strToU8("{}"), "tenon.sqlite": strToU8("x") });
    expect(why(backup)).toMatch(/restore it under Rig, Data/);
    expect(why("when,drill,result\n")).toMatch(/Practice, Log/);
    expect(why(new Uint8Array())).toMatch(/empty/);
    expect(why(Uint8Array.from({ length: 500 }, (_, at) => at % 7))).toMatch(/no chart/);
  });
});

const QUESTION = {
  kind: "tab",
  sheet: "song",
  paper: "a4",
  width: 80,
  name: "Gate",
  chart: "| A5 | D5 |",
  tuningMidi: [40, 45, 50, 55, 59, 64],
  capo: 0,
  a4Hz: 440,
  route: {
    stops: [
      { fretting: [null, 0, 2, 2, null, null], fingers: [0, 0, 1, 1, 0, 0], effort: 6 },
      { fretting: [null, 5, 7, 7, null, null], fingers: [0, 1, 3, 4, 0, 0], effort: 18 },
    ],
    changes: [{ neededMs: 200, availableMs: 300, slackMs: 100, cleanTempoBpm: 150 }],
    cleanTempoBpm: 150,
  },
};
const written = (part: object) => {
  const result = writeSong(validate(writeSchema, { ...QUESTION, ...part }));
  if (!result.ok) throw new Error(result.problem.message);
  return result.value.content;
};

describe("a song that a page has written", () => {
  test("along the way that it shows, in every kind", () => {
    expect(written({})).toContain("D|-2-2-2-2|-7-7-7-7|");
    expect(written({ kind: "musicxml" })).toContain("<fret>7</fret>");
    expect(String(written({ kind: "chordpro" }))).toMatch(
      /define: D5 base-fret 5 frets x 1 3 3 x x fingers x 1 3 4 x x/,
    );
    expect(String(written({ kind: "csv" }))).toContain("x 5 7 7 x x");
    expect((written({ kind: "midi" }) as Uint8Array).subarray(0, 4)).toEqual(bytes("MThd"));
    const lesson = String(written({ kind: "svg", sheet: "lesson" }));
    expect(lesson).toContain("A5 to D5");
    // Where Practice begins: under the 150 to which the change holds, not above the song's 120. No verdict on the player.
    expect(lesson).toContain("From 120 bpm, +4 bpm after two clean rounds");
    expect(lesson).not.toContain("clean to");
  });

  test("a chord without a grip is left as a name; a capo is said", () => {
    const [first] = QUESTION.route.stops;
    const text = written({
      capo: 2,
      route: { ...QUESTION.route, stops: [first, null], changes: [null] },
    });
    expect(text).toContain("Capo: 2");
    expect(text).toMatch(/A5 +D5/);
    expect(text).toContain("D|-2-2-2-2|--------|");
  });

  test("a grip of another neck, or what is no question, is refused", () => {
    const [first] = QUESTION.route.stops;
    expect(() =>
      written({ route: { ...QUESTION.route, stops: [{ ...first, fretting: [1, 2, 3] }] } }),
    ).toThrow(/another number of strings/);
    expect(() => written({ kind: "exe" })).toThrow();
    expect(() => written({ more: 1 })).toThrow();
  });

  test("a neck and a comparison as PDF", () => {
    const grip = { name: "A5", note: "", fretting: [null, 0, 2], fingers: null, roots: [1] };
    const neck = { title: "A5", subtitle: "", strings: 3, frets: 12, marks: [], grips: [grip] };
    const compare = {
      title: "Two",
      chords: ["A5"],
      columns: [{ name: "x", facts: [], grips: [grip] }],
    };
    for (const [kind, picture] of [
      ["neck", neck],
      ["compare", compare],
    ]) {
      const request = validate(pictureSchema, { kind, paper: "letter", picture });
      expect(Buffer.from(writePicture(request)).toString("latin1", 0, 5)).toBe("%PDF-");
    }
    expect(() =>
      validate(pictureSchema, { kind: "neck", paper: "a4", picture: { ...neck, strings: 99 } }),
    ).toThrow();
    expect(() => validate(pictureSchema, { kind: "compare", paper: "a4", picture: neck })).toThrow(
      "unknown fields",
    );
  });
});
