import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { type Chart, readChart } from "../index";
import { problemsOf } from "../testing";

/** The bars of a chart, each as its chords with their beats: "A5:2 D5:2". */
function barsOf({ sections }: Chart): readonly string[] {
  return sections.flatMap(({ bars }) =>
    bars.map(({ chords }) => chords.map(({ name, beats }) => `${name}:${beats}`).join(" ")),
  );
}
/** What is played, bar by bar, by the name of each first chord. */
const played = ({ sections, order }: Chart) =>
  order.map(([section, bar]) => sections[section]?.bars[bar]?.chords[0]?.name ?? "-").join(" ");

describe("bars between lines", () => {
  test.each([
    ["| A5 . D5 . | E5 |", ["A5:2 D5:2", "E5:4"]],
    ["| A5 | % | D5 / / G5 |", ["A5:4", "A5:4", "D5:3 G5:1"]],
    ["| A5 D5 E5 G5 A5 D5 E5 G5 |", ["A5:0.5 D5:0.5 E5:0.5 G5:0.5 A5:0.5 D5:0.5 E5:0.5 G5:0.5"]],
    ["| A5! r D5 . |", ["A5:0.5 D5:2"]],
    ["| N.C. | A5 / |", ["N.C.:4", "A5:4"]],
    ["| A5 | . D5 |", ["A5:4", "A5:2 D5:2"]],
    ["Time: 3/4\n| A5 . D5 |", ["A5:2 D5:1"]],
    ["{time: 6/8}\n| A5 D5 |", ["A5:1.5 D5:1.5"]],
    ["{pickup: 1}\n| E5 | A5 |", ["E5:1", "A5:4"]],
    ["|A5|D5|", ["A5:4", "D5:4"]],
    ["A5 | D5 | E5", ["A5:4", "D5:4", "E5:4"]],
    ["Intro: | em | bb5 |", ["Em:4", "Bb5:4"]],
    ["| A5 (palm muted) D5 (x) |", ["A5:2 D5:2"]],
    ["[A5] | (D5) E5 |", ["A5:4", "D5:2 E5:2"]],
    ["| A5 ... |", ["A5:4"]],
  ])("%s", (text, bars) => {
    const chart = readChart(text);
    expect(barsOf(chart)).toEqual(bars);
    expect(chart.problems).toEqual([]);
  });

  test("a chord that comes early takes its eighth from the one before in its bar", () => {
    const [section] = readChart("| A5 | <D5 . <E5 . |").sections;
    expect(
      section?.bars.map(({ chords }) => chords.map(({ startBeat, beats }) => [startBeat, beats])),
    ).toEqual([
      [[0, 4]],
      [
        [-0.5, 2],
        [1.5, 2.5],
      ],
    ]);
  });

  test("three in four share the bar evenly, and that is said", () => {
    const chart = readChart("| A5 D5 E5 |");
    expect(chart.sections[0]?.bars[0]?.chords.map(({ startBeat }) => startBeat)).toEqual([
      0,
      4 / 3,
      8 / 3,
    ]);
    expect(problemsOf("| A5  D5 E5 |")).toEqual([
      "1:3 A5  D5 E5: 3 do not divide a bar of 4/4; they share it evenly",
    ]);
  });
});

describe("what is played", () => {
  test.each([
    ["|: A5 | D5 :| E5 |", "A5 D5 A5 D5 E5"],
    ["|: A5 :|x3", "A5 A5 A5"],
    ["|: A5 :| x3 D5 |", "A5 A5 A5 D5"],
    ["| A5 | D5 :| E5 |", "A5 D5 A5 D5 E5"],
    ["|: E5 | A5 |1. D5 :|2. G5 |", "E5 A5 D5 E5 A5 G5"],
    ["|: E5 | A5 |1 D5 :|2 G5 |", "E5 A5 D5 E5 A5 G5"],
    ["|: E5 |1,2. D5 :|3. G5 |", "E5 D5 E5 D5 E5 G5"],
    ["| A5 | D5 | x2", "A5 D5 A5 D5"],
    ["|: A5 :|: D5 :|", "A5 A5 D5 D5"],
    ["Verse\n| A5 |\n[Chorus x2]\n| D5 | E5 |\nVerse\nChorus x2:", "A5 D5 E5 D5 E5 A5 D5 E5 D5 E5"],
    ["Chorus x2 A5 D5", "A5 D5 A5 D5"],
    ["[Intro] x2\n| A5 |\n[Chorus] (2x)\n| D5 |\nVerse - x2\n| E5 |", "A5 A5 D5 D5 E5 E5"],
    ["Verse (x2)\n| A5 |\n[Chorus]: x2\n| D5 |", "A5 A5 D5 D5"],
    ["{soc}\n| D5 |\n{eoc}\nVerse\n| A5 |\n{chorus}", "D5 A5 D5"],
    ["{soc}\n| D5 |\n{eoc}\n| A5 |\nChorus", "D5 A5 D5"],
    ["Chorus\n| D5 |\nVerse\n| A5 |\n{chorus}\n| E5 |", "D5 A5 D5 E5"],
    ["{soc: Refrain}\n| D5 |\n{eoc}\n| A5 |\n{chorus}", "D5 A5 D5"],
    ["{soc}\n| D5 |\n{eoc}\n| A5 |\n{chorus: Last time}", "D5 A5 D5"],
    ["[Chorus 1]\n| D5 |\n[Chorus 2]\n| E5 |\n[Verse]\n| A5 |\n{chorus}", "D5 E5 A5 E5"],
    ["[Chorus 1]\n| D5 |\n[Chorus 2]\n| E5 |\n{chorus: Chorus 1}", "D5 E5 D5"],
  ])("%s", (text, order) => {
    const chart = readChart(text);
    expect(played(chart)).toBe(order);
    expect(chart.problems).toEqual([]);
  });

  test("a repeat that is never closed is played once, and told at its sign", () => {
    expect(played(readChart("|: A5 | D5 |"))).toBe("A5 D5");
    expect(problemsOf("|: A5 | D5 |")).toEqual([expect.stringMatching(/^1:1 \|:: .*never closed/)]);
    expect(problemsOf("|: A5 |: D5 :|")).toEqual([expect.stringMatching(/^1:1 \|::/)]);
  });

  test("lines in another notation are kept, and told where they never end", () => {
    expect(played(readChart("| A5 |\n{sot}\n| D5 |\n{eot}\n| E5 |"))).toBe("A5 E5");
    const abc = readChart("{start_of_abc: Solo}\nX:1\n| D5 |\n{end_of_abc}\n| E5 |");
    expect([played(abc), abc.problems]).toEqual(["E5", []]);
    expect(problemsOf("| A5 |\n {sot}\n| D5 |")).toEqual([
      expect.stringMatching(/^2:2 {sot}: .*never ended/),
    ]);
  });

  test("a section that was never written is a problem where it is named", () => {
    expect(problemsOf("| A5 |\n[Coda]")).toEqual([expect.stringMatching(/^2:2 Coda: .*no bars/)]);
    expect(problemsOf("Chorus\nVerse\n| A5 |")).toEqual([expect.stringMatching(/^1:1 Chorus/)]);
    expect(problemsOf("| A5 |\n{chorus}")).toEqual([expect.stringMatching(/^2:2 chorus/)]);
  });
});

describe("words and counts", () => {
  test.each([
    ["Am F C G", ["Am:4", "F:4", "C:4", "G:4"]],
    ["Am      F\nWalking down", ["Am:4", "F:4"]],
    ["Am - F - C, G x2", ["Am:4", "F:4", "C:4", "G:4"]],
    ["Em G... D…", ["Em:4", "G:4", "D:4"]],
    ["Pre Chorus\nEm  G", ["Em:4", "G:4"]],
    ["[Am]Walking [F]down the [C/E]line", ["Am:4", "F:4", "C/E:4"]],
    ["[A5]", ["A5:4"]],
    ["Verse 1: A5 D5 (x2)", ["A5:4", "D5:4"]],
    ["Outro - A5 D5 (let ring) E5", ["A5:4", "D5:4", "E5:4"]],
    ["E5 two counts of eight", ["E5:4", "E5:4", "E5:4", "E5:4"]],
    ["D5 2 counts of 4", ["D5:4", "D5:4"]],
    ["C#5*4 F#5*6", ["C#5:4", "F#5:4", "F#5:2"]],
    ["Counts: eighth\nE5 8 counts", ["E5:4"]],
    ["[Verse, in eighths]\nE5 8 counts\n[Chorus]\nA5*4", ["E5:4", "A5:4"]],
    ["Do A5 D5", ["Do:4", "A5:4", "D5:4"]],
    ["(A5, D5); G5… (Em.) C5.", ["A5:4", "D5:4", "G5:4", "Em:4", "C5:4"]],
    ["(Bm7(b5)) E7(#9)", ["Bm7(b5):4", "E7(#9):4"]],
  ])("%s", (text, bars) => expect(barsOf(readChart(text))).toEqual(bars));

  test.each([
    "Go",
    "Do",
    "Be",
    "Dad",
    "Add",
    "Walking down the A road",
    "am I here",
    "And so",
    "Verse of A",
    "Solo guitar in A",
  ])("%s is a line of words", (text) => {
    expect(readChart(text)).toMatchObject({
      sections: [],
      kept: [{ line: 1, text, kind: "lyric" }],
      problems: [],
    });
  });

  test.each([
    ["Am | G", ["Am:4", "G:4"], []],
    ["| A5 | D5 // fade", ["A5:4", "D5:4"], ["// fade"]],
    ["| A5 | D5 | A last time", ["A5:4", "D5:4"], ["A last time"]],
    ["| A5 | D5 | then stop", ["A5:4", "D5:4"], ["then stop"]],
    ["1. A5 D5 | E5", ["A5:2 D5:2", "E5:4"], ["1."]],
    ["Walking up Am | G |", ["Am:4", "G:4"], ["Walking up"]],
    ["| (A5 D5) | (E5) |", ["A5:2 D5:2", "E5:4"], []],
    ["│ A5 ┃ D5 ‖", ["A5:4", "D5:4"], []],
  ])("at the edges of %s stand bars and words", (text, bars, kept) => {
    const chart = readChart(text);
    expect(barsOf(chart)).toEqual(bars);
    expect([chart.kept.map((each) => each.text), chart.problems]).toEqual([kept, []]);
  });

  test.each([
    ["Verse: Am | G", "Verse"],
    ["[Verse 2] Am | G", "Verse 2"],
    ["Intro Am | G |", "Intro"],
    ["Intro - Am | G", "Intro"],
    ["Intro - | Am | G", "Intro"],
    ["Solo Am G", "Solo"],
    ["Verse 2 – Am G", "Verse 2"],
    ["Riff: | Am | G |", "Riff"],
    ["Chorus |: Am :|2. G |", "Chorus"],
  ])("a heading before the bars of %s", (text, name) => {
    const chart = readChart(text);
    expect(chart.sections.map((section) => section.name)).toEqual([name]);
    expect(barsOf(chart)).toEqual(["Am:4", "G:4"]);
    expect(chart.kept).toEqual([]);
  });

  test("what stands in parentheses is kept, a line's in one", () => {
    expect(readChart("| A5 (palm muted) D5 | (softly)").kept).toEqual([
      { line: 1, text: "(palm muted) (softly)", kind: "comment" },
    ]);
    expect(problemsOf("| A5 (palm | D5 |")).toEqual([
      expect.stringMatching(/^1:6 \(palm: .*closed/),
    ]);
    expect(problemsOf("A5 D5 G5 (let E5")).toEqual([
      expect.stringMatching(/^1:10 \(let: .*closed/),
    ]);
  });

  test("a bracket that is never closed, or empty, is told in its place", () => {
    expect(problemsOf("[Am]one [F two")).toEqual([expect.stringMatching(/^1:9 \[F two: .*closed/)]);
    expect(problemsOf("[]one [F]two")).toEqual([expect.stringMatching(/^1:1 \[\]: /)]);
  });
});

describe("what chords are", () => {
  test("Roman numerals are the chords that they are in the key, and problems without one", () => {
    const names = (text: string) => barsOf(readChart(text)).map((bar) => bar.split(":")[0]);
    expect(names("{key: G}\n| I | IV | vi | V7 | ii7 | vii° | bVII |")).toEqual([
      "G",
      "C",
      "Em",
      "D7",
      "Am7",
      "F#dim",
      "F",
    ]);
    expect(names("{key: Em}\n| i | VI | VII | iv |")).toEqual(["Em", "C", "D", "Am"]);
    // Chords of another's key, and the leading note of a minor one: common practice.
    expect(names("{key: G}\n| V7/V | V/ii | vii°/V |")).toEqual(["A7", "E", "C#dim"]);
    expect(names("{key: G}\n| IV/V | I/iii | IV/B | vi7/V |")).toEqual([
      "C/D",
      "G/B",
      "C/B",
      "Em7/D",
    ]);
    expect(names("{key: Am}\n| vii° | VII | viiø7 |")).toEqual(["G#dim", "G", "G#m7(b5)"]);
    expect(problemsOf("| IV |")).toEqual([expect.stringMatching(/^1:3 IV: .*write the key first/)]);
  });

  test.each([
    ["A5", "A5", []],
    ["Am7", "A5", ["b3", "b7"]],
    ["Bdim", "B5(b5)", ["b3"]],
    ["Caug", "C5(#5)", ["3"]],
    ["C/E", "C5/E", ["3", "/E"]],
    ["C5/G", "C5/G", []],
    ["Cadd9", "C5", ["3", "9"]],
    ["Gsus4", "G5", ["4"]],
    ["Bdim7", "B5(b5)", ["b3", "bb7"]],
  ])("%s becomes %s", (name, reducedTo, leftOut) => {
    expect(readChart(`| ${name} |`).sections[0]?.bars[0]?.chords).toMatchObject([
      { name, reducedTo, leftOut, startBeat: 0, beats: 4, texture: null },
    ]);
  });

  test("a remark is kept, whatever stands in it (# as in ChordPro's reference, from memory)", () => {
    const remarks = [
      "# Am D",
      "# | A5 | D5 |",
      "  # [A5]low",
      "#Chorus:",
      "# E5 two counts of four",
    ];
    const { sections, kept, problems } = readChart(`| A5 |\n${remarks.join("\n")}\n`);
    expect(sections.flatMap(({ bars }) => bars)).toHaveLength(1);
    expect(problems).toEqual([]);
    expect(kept.map(({ kind, text }) => [kind, text])).toEqual(
      remarks.map((text) => ["comment", text.trim()]),
    );
  });

  test("an unknown name keeps its place and its time", () => {
    const chart = readChart("| A5 Xy7 |");
    expect(barsOf(chart)).toEqual(["A5:2 Xy7:2"]);
    expect(problemsOf("| A5 Xy7 |")).toEqual([expect.stringMatching(/^1:6 Xy7: .*no chord/)]);
  });
});

describe("nothing is lost", () => {
  test("of what pasted text brings along", () => {
    const chart = readChart("\ufeffVerse:\r\n|\u00a0A\u200e5\u00a0D♭5 |\rB♭5\u2028[Verse]");
    expect(barsOf(chart)).toEqual(["A5:2 Db5:2", "Bb5:4"]);
    expect(chart.problems).toEqual([]);
    expect(played(chart)).toBe("A5 Bb5 A5 Bb5");
  });

  const word = fc.constantFrom(
    ..."A5 D5 Em7 C/E | |: :| || :|x3 |1. :|2. % . / r N.C. A5! <A5 x2 [Am] [F Go walk {key: G} [Chorus] Verse IV H7 ( ) *".split(
      " ",
    ),
  );
  const line = fc.array(word, { maxLength: 12 }).map((words) => words.join(" "));

  test("every line is bars, a heading, kept, or told; every word of bars has its place", () => {
    fc.assert(
      fc.property(fc.array(line, { maxLength: 12 }), (lines) => {
        const text = lines.join("\n");
        const chart = readChart(text);
        for (const { line: number, column, length, text: wrong } of chart.problems) {
          const there = lines[number - 1]?.slice(column - 1, column - 1 + length);
          expect(there?.split(/\s+/)).toEqual(wrong.split(/\s+/));
        }
        for (const { offset, length } of chart.chordPlaces) {
          expect(text.slice(offset, offset + length)).toMatch(/^\S+$/);
        }
        for (const [section, bar] of chart.order) {
          expect(chart.sections[section]?.bars[bar]).toBeDefined();
        }
      }),
    );
  });

  test("whatever is written, reading never throws, and soon ends", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300, unit: "binary" }), (text) => {
        expect(() => readChart(text)).not.toThrow();
      }),
    );
    expect(readChart("| A5 | D5 ".repeat(10_000)).order).toHaveLength(20_000);
    expect(readChart("x".repeat(5_000_000)).problems).toHaveLength(1);
    expect(readChart("* ".repeat(100_000)).order).toEqual([]);
    expect(readChart("a5 counts ".repeat(20_000)).problems.length).toBeLessThan(1e6);
  });
});
