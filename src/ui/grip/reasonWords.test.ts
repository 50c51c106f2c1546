import { describe, expect, test } from "@jest/globals";
import { readFretting } from "@/core/fretting";
import { DEFAULT_HAND, rankFingers, type DampingPlan, type Hand } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { dampingLines } from "@/formats/dampingWords";
import { conflictText, damperOnString, strumText } from "./reasonWords";

const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64], frets: 22 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;

const damping = (text: string, hand: Hand = DEFAULT_HAND): DampingPlan => {
  const fretting = readFretting(text);
  const best = fretting.ok ? rankFingers(neck, fretting.value, { hand })[0] : undefined;
  if (!best) throw new Error(`${text} cannot be held`);
  return best.damping;
};
const told = (plan: DampingPlan) =>
  dampingLines(plan, 6).map(({ strings, text }) => `${strings.join(" ")}: ${text}`);

describe("damping in a player's words", () => {
  test("neighbours that one finger silences make one line, thick strings first", () => {
    expect(told(damping("5 5 5 x x x"))).toEqual(["3 2 1: under the index"]);
    expect(told(damping("x 3 5 5 x x"))).toEqual([
      "6: index tip; or thumb",
      "2: under the index; or little leans on it",
      "1: under the index",
    ]);
  });

  test("a leaning finger is told what to stay clear of", () => {
    expect(told(damping("0 2 2 x 0 0"))).toEqual(["3: middle leans on it, clear of 2"]);
  });

  test("what only the pick avoids is no safe line, and the strum is told so", () => {
    const plan = damping("x 0 2 2 x x", { ...DEFAULT_HAND, without: ["T"] });
    expect(dampingLines(plan, 6)[0]).toEqual({
      strings: [6],
      text: "only the pick misses it; or palm",
      isSafe: false,
    });
    expect(strumText(plan, 6)).toBe("Mind string 6");
    expect(strumText(damping("x x 0 2 3 x", { ...DEFAULT_HAND, without: ["T"] }), 6)).toBe(
      "Mind strings 6, 5",
    );
    expect(strumText(damping("5 7 7 x x x"), 6)).toBe("Strum all strings");
  });

  test("conflicts name the finger and the strings", () => {
    expect(damping("x x 5 x 0 x").conflicts.map((conflict) => conflictText(conflict, 6))).toEqual([
      "The index cannot silence both 3 and 5.",
      "Open 2 must ring, so the index cannot lie over 1.",
    ]);
  });
});

test("a silent string says in a word what keeps it so, and warns where nothing does", () => {
  const [way] = rankFingers(neck, [null, 3, 5, 5, null, null]);
  expect(way?.damping.silent.map(damperOnString)).toEqual([
    "index tip",
    "under index",
    "under index",
  ]);
  const [open] = rankFingers(neck, [0, 2, 2, null, null, 0]);
  expect(open?.damping.silent.map(damperOnString)).toEqual([
    "middle leans on it",
    "! nothing stops it",
  ]);
  const [thumbed] = rankFingers(neck, [null, 0, null, 0, null, null]);
  expect(thumbed?.damping.silent.map(damperOnString)).toEqual([
    "thumb",
    "! nothing stops it",
    "index lies over",
    "index lies over",
  ]);
});
