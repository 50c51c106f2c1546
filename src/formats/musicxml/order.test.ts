import { describe, expect, test } from "@jest/globals";
import { playedOrder, type MeasureSigns } from "./order";

const PLAIN: MeasureSigns = { opens: false, closes: null, ending: null, endsEnding: false };
/**
 * Measures from signs: "[" opens, "]" closes, a number after it says how often, "1." begins that ending and "." ends it.
 *
 * @example measuresOf("[a", "b]") // a b a b
 */
function measuresOf(...signs: readonly string[]): readonly MeasureSigns[] {
  return signs.map((sign) => {
    const closes = /\](\d*)/.exec(sign);
    const ending = /^\[?([\d,]+)\./.exec(sign);
    return {
      ...PLAIN,
      opens: sign.startsWith("["),
      closes: closes ? Number(closes[1] || 2) : null,
      ending: ending ? (ending[1] ?? "").split(",").map(Number) : null,
      endsEnding: sign.endsWith(".") || (ending !== null && closes !== null),
    };
  });
}
const order = (...signs: readonly string[]) => playedOrder(measuresOf(...signs)).join(" ");

describe("the order in which measures are played (common practice)", () => {
  test.each([
    ["straight through", ["a", "b", "c"], "0 1 2"],
    ["from a sign to a sign", ["a", "[b", "c]", "d"], "0 1 2 1 2 3"],
    ["from the beginning, where none opens", ["a", "b]", "c"], "0 1 0 1 2"],
    ["so many times", ["[a", "b]4"], "0 1 0 1 0 1 0 1"],
    ["two repeats, the second from after the first", ["a]", "b]", "c"], "0 0 1 1 2"],
    ["a first and a second ending", ["[a", "1.b]", "2.c.", "d"], "0 1 0 2 3"],
    ["both endings closed", ["[a", "1.b]", "2.c]", "d"], "0 1 0 2 3"],
    ["an ending for two times", ["[a", "1,2.b]", "3.c.", "d"], "0 1 0 1 0 2 3"],
    ["an ending of two measures", ["[a", "1.b", "c]", "2.d.", "e"], "0 1 2 0 3 4"],
    ["endings, then another repeat", ["[a", "1.b]", "2.c.", "[d", "e]"], "0 1 0 2 3 4 3 4"],
    ["one measure", ["[a]"], "0 0"],
  ])("%s", (_, signs, played) => {
    expect(order(...signs)).toBe(played);
  });

  test("signs that make no sense end all the same", () => {
    expect(order("1.a", "2.b]")).toBe("0 1");
    expect(playedOrder(measuresOf("[a]50")).length).toBe(50);
    const all = Array.from({ length: 2000 }, () => "[a]50");
    expect(playedOrder(measuresOf(...all)).length).toBeLessThanOrEqual(20_000);
  });
});
