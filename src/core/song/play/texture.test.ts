import { describe, expect, test } from "@jest/globals";
import { readChart, readTexture, strikesOf, textureText, transposeChart } from "../index";

const textures = (text: string) =>
  readChart(text).sections.flatMap(({ bars }) =>
    bars.flatMap(({ chords }) => chords.map(({ name, texture }) => `${name} ${texture ?? "-"}`)),
  );
const strikes = (words: string, span = { meter: "4/4", startBeat: 0, beats: 4 }) => {
  const texture = readTexture(words);
  if (!texture.ok) throw new Error(texture.problem.message);
  return strikesOf(texture.value, span);
};

describe("what is said of how chords are played", () => {
  test.each([
    ["Verse\nTexture: palm-muted, eighths\n| A5 | D5 |", ["A5 muted eighths", "D5 muted eighths"]],
    ["{texture: muted}\n| A5 |\nChorus\n| D5 |", ["A5 muted", "D5 muted"]],
    ["Verse\n{texture: muted}\n| A5 |\nChorus\n| D5 |", ["A5 muted", "D5 -"]],
    ["| ~choked A5 D5~ringing | E5 |", ["A5 choked", "D5 ringing", "E5 -"]],
    ["| A5~muted+down . D5 . |", ["A5 muted down", "D5 -"]],
  ])("%j", (text, said) => {
    expect(textures(text)).toEqual(said);
    expect(readChart(text).problems).toEqual([]);
  });

  test("takes no time, and moves to another key unchanged", () => {
    expect(readChart("| ~muted A5 . D5 . |").sections[0]?.bars[0]?.chords).toMatchObject([
      { startBeat: 0, beats: 2, place: { offset: 9, length: 2 } },
      { startBeat: 2, beats: 2 },
    ]);
    expect(transposeChart("| C/E~muted A5!~down |", { semitones: 2 }, 0)).toMatchObject({
      value: { text: "| D/F#~muted B5!~down |" },
    });
  });

  test("an unknown word is told in its place", () => {
    expect(readChart("| A5~fuzzy |").problems).toMatchObject([{ column: 3, text: "A5~fuzzy" }]);
    expect(readChart("Texture: fuzzy").problems[0]?.message).toMatch(/write ringing/);
  });

  test("is written as it is read", () => {
    for (const words of ["ringing", "muted eighths shuffle down", "ringing x--X--x-", "choked"]) {
      const read = readTexture(words);
      expect(read.ok && textureText(read.value)).toBe(words);
    }
  });
});

describe("when the strings are struck (common practice)", () => {
  test.each([
    ["quarters", [0, 1, 2, 3]],
    ["once", [0]],
    ["eighths", [0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5]],
    ["quarters choked", [0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5]],
    ["x--x--x-x--x--x-", [0, 0.75, 1.5, 2, 2.75, 3.5]],
  ])("%s", (words, at) => {
    expect(strikes(words).map((strike) => strike.at)).toEqual(at);
  });

  test("a shuffle's off-beat comes at two thirds", () => {
    const at = strikes("eighths shuffle", { meter: "4/4", startBeat: 0, beats: 1 });
    expect(at.map((strike) => strike.at)).toEqual([0, 2 / 3]);
  });

  test("picked notes go low mid high in threes", () => {
    const names = (words: string) => strikes(words).map(({ picked }) => picked);
    const threes = ["low", "mid", "high", "low", "mid", "high"];
    expect(names("picked")).toEqual([...threes, "low", "high"]);
    expect(names("picked-mid")).toEqual([...threes, "low", "mid"]);
  });

  test("down strokes alone, or down on the beat and up between", () => {
    expect(strikes("eighths down").every(({ stroke }) => stroke === "down")).toBe(true);
    expect(strikes("eighths").map(({ stroke }) => stroke)).toEqual(
      [0, 1, 2, 3].flatMap(() => ["down", "up"]),
    );
  });

  test("a chord between strums is struck when it comes, one step is a sixteenth of any meter", () => {
    const early = strikes("quarters", { meter: "4/4", startBeat: -0.5, beats: 2.5 });
    expect(early.map(({ at }) => at)).toEqual([0, 0.5, 1.5]);
    const pattern = strikes("x-----x-----", { meter: "6/8", startBeat: 0, beats: 3 });
    expect(pattern.map(({ at }) => at)).toEqual([0, 1.5]);
  });

  test("accents fall on the first beat, or on the second and fourth", () => {
    const accents = (words: string) => strikes(words).map(({ isAccented }) => isAccented);
    expect(accents("backbeat")).toEqual([false, true, false, true]);
    expect(accents("downbeat")).toEqual([true, false, false, false]);
  });
});
