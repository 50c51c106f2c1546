import { describe, expect, test } from "@jest/globals";
import { nameTuning } from "@/core/tuning";
import { readSheet } from "@/formats/chartText";
import { asItStands } from "@/formats/convert";
import { withGripsOf } from "@/formats/testing";
import { type Score } from "@/formats/score";
import { gripItems } from "./gripItems";
import { lessonPages } from "./lessonPages";
import { MARGIN, PAPER_SIZES, textWidth, signedName, type Item, type Page } from "./page";
import { PAPERS } from "@/formats/paper";
import { comparePages, neckPages } from "./pictures";
import { sheetSong } from "./sheetSong";
import { songPages } from "./songPages";
import { stagePages, stageSize } from "./stagePages";
import { tuningPages } from "./tuningPages";

const STANDARD = nameTuning([40, 45, 50, 55, 59, 64]);
function songOf(chart: string, tuning = STANDARD) {
  const score: Score = { ...readSheet(chart).score, tuning };
  const { once, played } = asItStands(withGripsOf(score));
  return { ...sheetSong(once, played, tuning, null), a4Hz: 440 };
}
const SONG = "{title: Long Way Up}\n[Verse x2]\n| A5 D5 | E5 |\n[Chorus]\n| F#5 | Bb5 |\n[Verse]\n";

const textsOf = (pages: readonly Page[]) =>
  pages.flatMap(({ items }) => items.flatMap((item) => (item.kind === "text" ? [item.text] : [])));

/** The box that an item fills, as far as it is known before a font is. */
function boxOf(item: Item): readonly [left: number, top: number, right: number, bottom: number] {
  switch (item.kind) {
    case "text": {
      const width = textWidth(item.text, item.size);
      const left = item.x - { left: 0, middle: width / 2, right: width }[item.align];
      return [left, item.y - item.size * 0.8, left + width, item.y + item.size * 0.2];
    }
    case "line": {
      const [[x1, y1], [x2, y2]] = [item.from, item.to];
      return [Math.min(x1, x2), Math.min(y1, y2), Math.max(x1, x2), Math.max(y1, y2)];
    }
    case "box":
      return [item.x, item.y, item.x + item.width, item.y + item.height];
    case "disc":
      return [
        item.x - item.radius,
        item.y - item.radius,
        item.x + item.radius,
        item.y + item.radius,
      ];
  }
}

function expectOnPaper(pages: readonly Page[]): void {
  for (const { width, height, items } of pages) {
    for (const item of items) {
      const [left, top, right, bottom] = boxOf(item);
      expect([left >= 0, top >= 0, right <= width, bottom <= height, item]).toEqual([
        true,
        true,
        true,
        true,
        item,
      ]);
    }
  }
}

describe("sheets of a song", () => {
  test.each(PAPERS)("nothing runs off the paper: %s", (paper) => {
    const many = Array.from(
      { length: 60 },
      (_, bar) => `| ${["A5", "Dm7", "G7#9/B", "C"][bar % 4]} F#m7b5 |`,
    );
    const long = `{title: ${"A title without end ".repeat(12)}}\n[Part]\n${many.join("\n")}`;
    for (const song of [songOf(SONG), songOf(long), songOf("hello")]) {
      for (const layout of [songPages, stagePages, lessonPages, tuningPages]) {
        const pages = layout(song, paper);
        expect([pages[0]?.width, pages[0]?.height]).toEqual(PAPER_SIZES[paper]);
        expectOnPaper(pages);
      }
    }
  });

  test("a stage sheet is one page, its letters as large as the song allows", () => {
    const short = stagePages(songOf(SONG), "a4");
    expect(short).toHaveLength(1);
    expect(stageSize(short)).toBeGreaterThanOrEqual(30);
    const bars = Array.from({ length: 120 }, () => "| A5 D5 |").join("\n");
    const long = stagePages(songOf(bars), "a4");
    expect(long).toHaveLength(1);
    expect(stageSize(long)).toBeLessThan(stageSize(short));
    // A section that comes again is only named.
    expect(textsOf(short).filter((text) => text.startsWith("Verse"))).toEqual([
      "Verse ×2",
      "Verse",
    ]);
    expect(textsOf(short).filter((text) => text === "A5")).toHaveLength(1);
  });

  test("a lesson tells every grip once, what silences its strings, and cautions", () => {
    const texts = textsOf(lessonPages(songOf(SONG), "a4"));
    expect(texts.filter((text) => text === "A5")).toHaveLength(1);
    expect(texts.join("\n")).toMatch(/strings? [\d ]+: /);
    expect(texts.join("\n")).toMatch(/Stop where it hurts/);
  });

  test("a tuning card: each string with its note, pitch, change and check", () => {
    const drop = nameTuning([38, 45, 50, 55, 59, 64]);
    const texts = textsOf(tuningPages(songOf("| D5 |", drop), "letter"));
    expect(texts).toEqual(
      expect.arrayContaining(["Drop D", "D2", "73.4 Hz", "down 2", "E4", "329.6 Hz"]),
    );
    // The fifth string of drop D is the sixth at the seventh fret.
    expect(texts).toContain("same as string 6, fret 7");
  });
});

describe("pictures on paper", () => {
  const grip = {
    name: "C#5",
    note: "effort 7.1",
    fretting: [null, 4, 6, 6, null, null],
    fingers: [0, 1, 3, 4, 0, 0],
    roots: [1, 3],
  } as const;

  test("a neck of any size with its marks, and grips below", () => {
    for (const [strings, frets] of [
      [4, 12],
      [6, 24],
      [10, 36],
    ] as const) {
      const marks = Array.from({ length: strings }, (_, string) => ({
        string,
        fret: (string * 5) % (frets + 1),
        label: "C#",
        isRoot: string % 2 === 0,
      }));
      const own = {
        ...grip,
        fretting: [...grip.fretting, null, null, null, null].slice(0, strings),
      };
      const picture = { title: "C#5 in Drop D", subtitle: "", strings, frets, marks };
      const pages = neckPages({ ...picture, grips: Array.from({ length: 12 }, () => own) }, "a4");
      expectOnPaper(pages);
      expect(textsOf(pages)).toContain("C♯5 in Drop D");
      expect(textsOf(pages).filter((text) => text === "C♯")).toHaveLength(strings);
    }
  });

  test("a comparison of six tunings; what cannot be played says so", () => {
    const column = { name: "Drop C", facts: ["C2 G2 C3 F3 A3 D4", "12 mm"], grips: [grip, null] };
    const pages = comparePages(
      {
        title: "Two chords",
        chords: ["C#5", "F5"],
        columns: Array.from({ length: 6 }, () => column),
      },
      "letter",
    );
    expectOnPaper(pages);
    expect(textsOf(pages).filter((text) => text === "no grip")).toHaveLength(6);
  });

  test("a grip: roots are blocks, open strings hollow, silent ones crossed, fingers in white on black", () => {
    const items = gripItems(0, 0, 100, 80, {
      fretting: [0, null, 2],
      fingers: [0, 0, 1],
      roots: [0],
    });
    const blocks = items.filter(({ kind }) => kind === "box");
    expect(blocks).toMatchObject([{ fill: "white", stroke: "black" }]);
    expect(items.filter(({ kind }) => kind === "disc")).toMatchObject([{ fill: "black" }]);
    expect(items).toContainEqual(expect.objectContaining({ text: "1", shade: "white" }));
  });

  test("signs of notes are real signs, other letters stay", () => {
    expect(signedName("F#m7b5")).toBe("F♯m7♭5");
    expect(signedName("Bb5 to Eb/Gb")).toBe("B♭5 to E♭/G♭");
    expect(signedName("Above the bend")).toBe("Above the bend");
    expect(MARGIN).toBeGreaterThan(20);
  });
});

describe("a song with a riff, on paper", () => {
  const riff = songOf("[Intro]\n| 6:0 6:3 5:12 6:h5 | A5 . 6:3+5:5 . |\n| A5 |\n");

  test.each([
    ["song", songPages],
    ["stage", stagePages],
  ] as const)("%s: frets on their strings, nothing off the page or over another", (_, lay) => {
    for (const paper of PAPERS) {
      const pages = lay(riff, paper);
      expectOnPaper(pages);
      const frets = pages.flatMap(({ items }) =>
        items.flatMap((item) =>
          item.kind === "text" && /^(?:h?\d+)$/.test(item.text) && item.weight === "semibold"
            ? [item]
            : [],
        ),
      );
      expect(frets.slice(0, 4).map(({ text }) => text)).toEqual(["0", "3", "12", "h5"]);
      for (const [at, fret] of frets.slice(0, 3).entries()) {
        const next = frets[at + 1];
        if (next) expect(fret.x + textWidth(fret.text, fret.size)).toBeLessThan(next.x);
      }
      // The fifth string lies above the sixth.
      expect(frets[2]?.y).toBeLessThan(frets[1]?.y ?? 0);
      expect(textsOf(pages)).not.toContain("6:3");
    }
  });
});
