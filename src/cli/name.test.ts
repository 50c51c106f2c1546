import { describe, expect, test } from "@jest/globals";
import { answerNow } from "./testing";

const ask = (command: string, args: unknown): unknown =>
  JSON.parse(answerNow(JSON.stringify({ command, args })));

const x = null;
const five = { tuning: "standard", fretting: [x, 3, 5, 5, x, x] };

describe("name", () => {
  test.each([
    ["5 5 5 x x x", "drop D", "G5", [43, 50, 55], [0, 7, 12]],
    ["3 3 x x x x", "standard", "C5/G", [43, 48], [-5, 0]],
    ["x-5-7-7-6-x", "standard", "Dm", [50, 57, 62, 65], [0, 7, 12, 15]],
    ["x x x 0 x 3", "standard", "G octave", [55, 67], [0, 12]],
    ["022x00", "standard", "E5", [40, 47, 52, 59, 64], [0, 7, 12, 19, 24]],
  ])("%s in %s is %s", (fretting, tuning, name, pitches, intervals) => {
    expect(ask("name", { tuning, fretting })).toEqual({
      ok: true,
      result: { name, pitches, intervals },
    });
  });

  test("a root decides how the notes are read", () => {
    expect(ask("name", { ...five, root: "C" })).toMatchObject({ result: { name: "C5" } });
    expect(ask("name", { ...five, root: "G" })).toMatchObject({
      result: { intervals: [-7, 0, 5] },
    });
  });

  test("silence has no name; a bad root is named", () => {
    const silent = { tuning: "standard", fretting: "xxxxxx" };
    expect(ask("name", silent)).toMatchObject({ ok: false, error: { field: "fretting" } });
    expect(ask("name", { ...five, root: "H" })).toMatchObject({ error: { field: "root" } });
  });
});
