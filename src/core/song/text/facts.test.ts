import { describe, expect, test } from "@jest/globals";
import { readChart } from "../index";
import { problemsOf } from "../testing";

describe("what the song is", () => {
  test("said in lines or in braces, and kept", () => {
    const chart = readChart(
      "Title: Quarry Lights\n{key: Em}\n96 bpm\nTime: 3/4\n# quiet\n| Em | C |\n{time: 4/4}\n| G |",
    );
    expect(chart).toMatchObject({ title: "Quarry Lights", key: "Em", tempoBpm: 96, meter: "3/4" });
    expect(chart.sections[0]?.bars.map(({ meter }) => meter)).toEqual(["3/4", "3/4", "4/4"]);
    expect(chart.kept.map(({ kind }) => kind)).toEqual([
      "directive",
      "directive",
      "directive",
      "directive",
      "comment",
      "directive",
    ]);
  });

  test.each([
    "Key: Em  Tempo: 96  Time: 3/4",
    "Key: Em, 96 bpm, 3/4",
    "Key: Em | Tempo: 96 | 3/4",
    "Key: Em Tempo: 96 Time: 3/4",
    "3/4\nKey: Em; Tempo: 96",
  ])("%j says all of it", (text) => {
    const chart = readChart(`${text}\n| Em |`);
    expect(chart).toMatchObject({ key: "Em", tempoBpm: 96, meter: "3/4", problems: [] });
    expect(chart.kept.map((each) => each.text)).toEqual(text.split("\n"));
  });

  test("of several on a line the wrong one is told in its place", () => {
    expect(problemsOf("Key: Em, Tempo: fast")).toEqual([expect.stringMatching(/^1:17 fast: /)]);
    // A comma in a title is the title's.
    expect(readChart("Title: Slow, Down").title).toBe("Slow, Down");
  });

  test.each(["Tempo: 0", "Tempo: 999", "{tempo: fast}", "Time: 4/3", "{key: H}", "{pickup: 9}"])(
    "%s is told, and changes nothing",
    (text) => {
      const chart = readChart(`${text}\n| A5 |`);
      expect(chart.problems).toHaveLength(1);
      expect(chart).toMatchObject({ key: null, tempoBpm: null, meter: "4/4" });
    },
  );
});
