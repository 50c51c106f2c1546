import { describe, expect, test } from "@jest/globals";
import { readChart } from ".";
import { keyOfSignature, signatureOf, readKey } from "./chart";
import { pickedAt } from "./play";

/** Each section with its number of bars. */
const partsOf = (text: string) =>
  readChart(text).sections.map(({ name, bars }) => `${name}: ${bars.length}`);

describe("parts of a bracketed sheet", () => {
  test.each([
    [
      "a grid belongs to the part round it",
      "{sov: First}\n[A5]x\n{sog}\n| D5 | E5 |\n{eog}\n{eov}",
      ["First: 3"],
    ],
    [
      "and does not take a label of its own there",
      "{soc}\n{sog: Riff}\n| D5 |\n{eog}\n{eoc}",
      ["Chorus: 1"],
    ],
    [
      "by itself its label makes it one",
      "{sog: Intro}\n| A5 |\n{eog}\n| D5 |",
      ["Intro: 1", ": 1"],
    ],
    [
      "its shape is no label",
      "[Verse]\n{start_of_grid: 1+4x2+4}\n| A5 |\n{end_of_grid}\n| D5 |",
      ["Verse: 2"],
    ],
    [
      "a label among attributes",
      '{start_of_verse label="Verse 2" x="y"}\n[A5]x\n{eov}',
      ["Verse 2: 1"],
    ],
    ["attributes without a label", '{start_of_chorus x="y"}\n[A5]x\n{eoc}', ["Chorus: 1"]],
    [
      "two grids of one part",
      "{sob}\n{sog}\n| A5 |\n{eog}\n{sog}\n| D5 |\n{eog}\n{eob}",
      ["Bridge: 2"],
    ],
  ])("%s", (_, text, parts) => {
    const { problems } = readChart(text);
    expect(partsOf(text)).toEqual(parts);
    expect(problems).toEqual([]);
  });

  test("a directive with a space or a colon says the same", () => {
    for (const sign of [": ", " ", ":", " : "]) {
      const chart = readChart(`{title${sign}Long Way}\n{tempo${sign}96}\n{time${sign}3/4}\n| A5 |`);
      expect([chart.title, chart.tempoBpm, chart.meter]).toEqual(["Long Way", 96, "3/4"]);
    }
    // Only braces make a directive of a line without a colon; as the first line it is a title whole.
    expect(readChart("title Long Way\n| A5 |").title).toBe("title Long Way");
    expect(readChart("| E5 |\ntitle Long Way\n| A5 |").title).toBeNull();
  });

  test("a pick-up and a texture in directives of one's own", () => {
    const [section] = readChart("{x_pickup: 1}\n{x_texture: muted}\n| A5 | D5 |").sections;
    expect(section?.bars.map(({ beats, chords }) => [beats, chords[0]?.texture])).toEqual([
      [1, "muted"],
      [4, "muted"],
    ]);
  });
});

describe("keys and their signatures (circle of fifths)", () => {
  test.each([
    ["C", 0],
    ["G", 1],
    ["F", -1],
    ["Em", 1],
    ["Dm", -1],
    ["F#m", 3],
    ["Bb", -2],
    ["C#m", 4],
    ["Gb", -6],
    ["Ebm", -6],
  ])("%s has %i sharps", (name, sharps) => {
    const key = readKey(name);
    expect(key && signatureOf(key)).toBe(sharps);
    expect(keyOfSignature(sharps, name.endsWith("m"))).toBe(name);
  });

  test("more signs than seven are none", () => {
    expect(keyOfSignature(8, false)).toBeNull();
    expect(keyOfSignature(-8, true)).toBeNull();
  });
});

test("the string in the middle is the upper of two", () => {
  expect([2, 3, 4, 6].map((strings) => pickedAt("mid", strings))).toEqual([1, 1, 2, 3]);
  expect([pickedAt("low", 4), pickedAt("high", 4)]).toEqual([0, 3]);
});
