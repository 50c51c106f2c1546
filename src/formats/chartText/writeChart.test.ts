import { describe, expect, test } from "@jest/globals";
import { readChart } from "@/core/song";
import { chartScore, EMPTY_SCORE, wholeOrder, type Score } from "@/formats/score";
import { defineText, readDefine } from "./define";
import { CHORDPRO } from "./dialects";
import { writeChart } from "./writeChart";

/** What is played, bar by bar. */
function played(text: string): unknown {
  const { sections, order, title, key, tempoBpm, meter, tuningMidi } = readChart(text);
  const bars = order.map(([section, bar]) => {
    const { beats, chords = [] } = sections[section]?.bars[bar] ?? {};
    const sounding = chords.map(({ place: _place, leftOut: _left, ...chord }) => chord);
    const own = sections[section]?.tuningMidi ?? tuningMidi;
    return [sections[section]?.name, beats, own, sounding];
  });
  return { title, key, tempoBpm, meter, bars };
}

const CHARTS: readonly (readonly [what: string, text: string])[] = [
  ["bars, holds and rests", "Title: One\nKey: Em\nTempo: 96\n| A5 . D5 . | E5 r . r | % |"],
  [
    "early and cut chords, textures",
    "[Riff]\nTexture: muted eighths\n| A5 <D5 | E5! A5~choked |\n| <G5 . |",
  ],
  ["repeats with endings", "|: A5 | D5 |1. E5 :|2. G5 |"],
  ["sections again", "[Verse x2]\n| A5 |\n[Chorus]\n| D5 | E5 |\n[Verse]\n[Chorus x3]"],
  ["a section called as a chord is", "A:\n| A5 |\nB:\n| D5 |"],
  [
    "other meters and a pick-up",
    "Time: 3/4\nPickup: 1\n| A5 |\n| D5 . . | E5 |\nTime: 6/8\n| G5 . . A5 . . |",
  ],
  ["triplets and fives that share a bar unevenly", "| A5 D5 E5 | A5 . . . . D5 . . |"],
  ["a section on another guitar", "[Verse]\n| D5 |\n[Solo]\nTuning: open G\n| G5 |\n[Verse]"],
  ["no chord and words", "| N.C. . A5 . |\nhello there you\n| D5 |"],
];

describe("a chart that is written", () => {
  test.each(CHARTS)("plays the same: %s", (_, text) => {
    const score = chartScore(readChart(text));
    for (const dialect of [undefined, CHORDPRO]) {
      const written = writeChart(score, dialect).text;
      expect(played(written)).toEqual(played(text));
      expect(
        readChart(written).problems.filter(({ message }) => !message.includes("share")),
      ).toEqual([]);
    }
  });

  test("keeps its words beside their bars", () => {
    const { text } = writeChart(
      chartScore(readChart("| A5 |\nfirst words here\n| D5 |\n(softly)")),
    );
    expect(text).toBe("| A5 |\nfirst words here\n| D5 |\n(softly)\n");
  });

  test("a tempo that begins with a section stands there, and is read so again", () => {
    const text = "Tempo: 120\n\n[Verse]\n| A5 | D5 |\n\n[Bridge]\nTempo: 90\n| E5 |\n\n[Verse]\n";
    const written = writeChart(chartScore(readChart(text))).text;
    expect(written).toBe(text);
  });

  test("tells what it cannot say", () => {
    const bar = { meter: "4/4", beats: 4, notes: [] };
    const chord = {
      name: "A5",
      reducedTo: "A5",
      leftOut: [],
      texture: null,
      fretting: null,
      fingers: null,
    };
    const sections = [
      {
        name: "",
        bars: [
          { ...bar, tempoBpm: 120, chords: [{ ...chord, startBeat: 0.123, beats: 3.877 }] },
          ...Array.from({ length: 18 }, (_, at) => ({ ...bar, tempoBpm: 90 + at, chords: [] })),
        ],
      },
    ];
    const score: Score = { ...EMPTY_SCORE, tempoBpm: 120, sections, order: wholeOrder(sections) };
    const told = writeChart(score)
      .problems.map(({ message }) => message)
      .join("; ");
    expect(told).toMatch(/the first 16 changes of tempo are written; 2 are left out/);
    expect(told).toMatch(/a bar has chords at times that no chart writes/);
  });
});

describe("grips in a sheet", () => {
  test("are written from the lowest fret on, and read to the same", () => {
    for (const fretting of [
      [null, 5, 7, 7, null, null],
      [0, 2, 2, 1, 0, 0],
      [12, 14, 14, null, null, null, null],
    ]) {
      const fingers = fretting.map((fret) => (fret === null || fret === 0 ? 0 : 1) as 0 | 1);
      const text = defineText({ name: "X5", fretting, fingers });
      const read = readDefine(/^\{define: (.*)\}$/.exec(text)?.[1] ?? "");
      expect(read).toEqual({ name: "X5", fretting, fingers });
    }
    expect(defineText({ name: "D5", fretting: [null, 5, 7, 7, null, null], fingers: null })).toBe(
      "{define: D5 base-fret 5 frets x 1 3 3 x x}",
    );
  });

  test("silent strings in any sign; keys, copies and nonsense are no grip", () => {
    expect(readDefine("E frets N X - -1 0 2")?.fretting).toEqual([null, null, null, null, 0, 2]);
    for (const text of [
      "A keys 0 4 7",
      "A copy B",
      "A base-fret 3",
      "A frets one two",
      "A frets 99 1 1 1",
    ]) {
      expect(readDefine(text)).toBeNull();
    }
  });
});
