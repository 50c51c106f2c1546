import { describe, expect, test } from "@jest/globals";
import { NO_JUMPS } from "./jumps";
import { playedOrder, type MeasureSigns } from "./order";

const PLAIN: MeasureSigns = {
  opens: false,
  closes: null,
  ending: null,
  endsEnding: false,
  ...NO_JUMPS,
};
/**
 * Measures from signs: "[" opens, "]" closes, a number after it says how often, "1." begins that ending and "." ends it;
 * words between bars jump: "a |dc|" goes back to the beginning, "a |sign|" is where "a |ds|" goes.
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
      dacapo: sign.includes("|dc|"),
      dalsegno: sign.includes("|ds|") ? "" : null,
      segno: sign.includes("|sign|") ? "" : null,
      tocoda: sign.includes("|to coda|") ? "" : null,
      coda: sign.includes("|coda|") ? "" : null,
      fine: sign.includes("|fine|"),
    };
  });
}
const order = (...signs: readonly string[]) => playedOrder(measuresOf(...signs)).order.join(" ");

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

  test.each([
    ["back to the beginning", ["a", "b |dc|"], "0 1 0 1"],
    ["back to the beginning, to the end", ["a", "b |fine|", "c", "d |dc|"], "0 1 2 3 0 1"],
    ["back to a sign, to the end", ["a", "b |sign|", "c |fine|", "d |ds|"], "0 1 2 3 1 2"],
    ["on to the coda", ["a", "b |to coda|", "c |dc|", "d |coda|", "e"], "0 1 2 0 1 3 4"],
    [
      "from a sign to the coda",
      ["a", "b |sign|", "c |to coda|", "d |ds|", "e |coda|"],
      "0 1 2 3 1 2 4",
    ],
    ["two signs of a coda", ["a", "b |coda|", "c |dc|", "d |coda|"], "0 1 2 0 1 3"],
    ["repeats are taken the first time alone", ["[a", "b]", "c |dc|"], "0 1 0 1 2 0 1 2"],
    ["of endings the last", ["[a", "1.b]", "2.c.", "d |dc|"], "0 1 0 2 3 0 2 3"],
    ["repeats in the coda are", ["a |to coda|", "b |dc|", "[c |coda|", "d]"], "0 1 0 2 3 2 3"],
    ["after the last repeat", ["[a", "b |dc|]"], "0 1 0 1 0 1"],
    ["two jumps, one after the other", ["a |sign|", "b |ds|", "c |dc|"], "0 1 0 1 2 0 1 2"],
  ])("jumps %s", (_, signs, played) => {
    expect(playedOrder(measuresOf(...signs))).toEqual({
      order: played.split(" ").map(Number),
      unfollowed: null,
    });
  });

  test("jumps to nowhere, or that leave measures out, are told", () => {
    expect(playedOrder(measuresOf("a", "b |ds|"))).toEqual({
      order: [0, 1],
      unfollowed: "a jump to a sign that stands nowhere is not followed",
    });
    expect(playedOrder(measuresOf("a |fine|", "b |dc|", "c"))).toEqual({
      order: [0, 1, 2],
      unfollowed: "jumps that leave measures out are not followed",
    });
  });

  test("signs that make no sense end all the same", () => {
    expect(order("1.a", "2.b]")).toBe("0 1");
    expect(playedOrder(measuresOf("[a]50")).order.length).toBe(50);
    const all = Array.from({ length: 2000 }, () => "[a]50");
    expect(playedOrder(measuresOf(...all)).order.length).toBeLessThanOrEqual(20_000);
  });
});
