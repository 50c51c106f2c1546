import { describe, expect, test } from "@jest/globals";
import { findVoicingFrettings, type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { parseNote, pitchClassOf, type Note } from "@/core/pitch";
import { rankFingers } from "./fingering";
import { DEFAULT_HAND, handReachMm, SCHOOLS, type Hand, type School } from "./hand";
import { testNeckOf, STANDARD } from "./testShapes";

const DROP_D = [38, 45, 50, 55, 59, 64];
const x = null;

const standard = testNeckOf(STANDARD);
const dropD = testNeckOf(DROP_D);

const note = (text: string): Note => {
  const read = parseNote(text);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};

/** Fingers of the easiest way, thick to thin, silent and open strings left out: "134". */
const firstFingers = (neck: Neck, fretting: Fretting): string =>
  (rankFingers(neck, fretting)[0]?.fingers ?? []).filter((finger) => finger !== 0).join("");

/** Every grip of a voicing that a hand can hold, easiest first. */
const grips = (neck: Neck, root: string, voicing: readonly number[], hand = DEFAULT_HAND) =>
  findVoicingFrettings(neck, pitchClassOf(note(root)), voicing, { reachMm: handReachMm(hand) })
    .map((fretting) => ({ fretting, effort: rankFingers(neck, fretting, { hand })[0]?.effort }))
    .filter(({ effort }) => effort !== undefined)
    .sort((a, b) => (a.effort ?? 0) - (b.effort ?? 0))
    .map(({ fretting }) => fretting);

describe("an index that stays down for a neighbour may lie past a higher finger (common practice)", () => {
  const held = (fretting: Fretting) =>
    rankFingers(standard, fretting).map(({ fingers }) => fingers.join(""));

  test("D to A with the index kept: x 0 2 2 2 0 as 2 1 3, behind the usual 1 2 3", () => {
    const ways = held([x, 0, 2, 2, 2, 0]);
    expect(ways[0]).toBe("001230");
    expect(ways).toContain("002130");
  });

  test("only in a row of three on one fret, and only the index", () => {
    expect(held([5, 7, 7, x, x, x])).not.toContain("143000");
    expect(held([0, 2, 2, x, x, x])).not.toContain("021000");
    expect(held([x, 0, 2, 2, 2, 0])).not.toContain("001320");
  });
});

describe("known shapes are found (common practice)", () => {
  const everywhere = Array.from({ length: 17 }, (_, index) => index + 1);
  const shapes: readonly [string, Neck, readonly number[], (n: number) => Fretting][] = [
    ["n n+2 n+2 on 6-5-4", standard, [0, 7, 12], (n) => [n, n + 2, n + 2, x, x, x]],
    ["n n+2 n+2 on 5-4-3", standard, [0, 7, 12], (n) => [x, n, n + 2, n + 2, x, x]],
    ["n n+2 n+3 on 4-3-2", standard, [0, 7, 12], (n) => [x, x, n, n + 2, n + 3, x]],
    ["n n+3 n+3 on 3-2-1", standard, [0, 7, 12], (n) => [x, x, x, n, n + 3, n + 3]],
    ["one finger on 6-5-4 in drop D", dropD, [0, 7, 12], (n) => [n, n, n, x, x, x]],
    ["5 R 3 as n n n-1", standard, [-5, 0, 4], (n) => [n + 1, n + 1, n, x, x, x]],
  ];
  test.each(shapes)("%s", (_, neck, voicing, shape) => {
    for (const n of everywhere) {
      const fretting = shape(n);
      const midi = fretting.flatMap((fret, s) =>
        fret === null ? [] : [(neck.midi[s] ?? 0) + fret],
      );
      const root = (Math.min(...midi) - (voicing[0] ?? 0)) % 12;
      expect(
        findVoicingFrettings(neck, root, voicing, { reachMm: handReachMm(DEFAULT_HAND) }),
      ).toContainEqual(fretting);
      expect(rankFingers(neck, fretting).length).toBeGreaterThan(0);
    }
  });

  test("the open fives E5, A5 and D5", () => {
    expect(grips(standard, "E", [0, 7, 12])).toContainEqual([0, 2, 2, x, x, x]);
    expect(grips(standard, "A", [0, 7, 12])).toContainEqual([x, 0, 2, 2, x, x]);
    expect(grips(standard, "D", [0, 7, 12])).toContainEqual([x, x, 0, 2, 3, x]);
  });
});

describe("the first fingering is the usual one (common practice)", () => {
  const cases: readonly [string, Neck, (n: number) => Fretting, readonly string[]][] = [
    ["n n+2 n+2", standard, (n) => [n, n + 2, n + 2, x, x, x], ["134"]],
    ["n n+2 n+3", standard, (n) => [x, x, n, n + 2, n + 3, x], ["134"]],
    ["n n+3 n+3", standard, (n) => [x, x, x, n, n + 3, n + 3], ["144", "134"]],
    ["n n+2", standard, (n) => [n, n + 2, x, x, x, x], ["13"]],
    ["n n n in drop D", dropD, (n) => [n, n, n, x, x, x], ["111"]],
    ["n n n-1, ring finger on the root", standard, (n) => [n + 1, n + 1, n, x, x, x], ["231"]],
    ["inverted n n", standard, (n) => [n, n, x, x, x, x], ["11"]],
    ["n n n+2", standard, (n) => [n, n, n + 2, x, x, x], ["113", "114"]],
    ["n+2 n on a dropped pair", dropD, (n) => [n + 2, n, x, x, x, x], ["31"]],
    ["octave n x n+2", standard, (n) => [n, x, n + 2, x, x, x], ["13", "14"]],
    ["octave n x n+3", standard, (n) => [x, x, n, x, n + 3, x], ["14"]],
  ];
  test.each(cases)("%s", (_, neck, shape, accepted) => {
    for (let n = 1; n <= 12; n++) expect(accepted).toContain(firstFingers(neck, shape(n)));
  });

  test("n n+3 low on the neck", () => {
    for (const n of [1, 2, 3, 4, 5])
      expect(firstFingers(standard, [x, x, x, n, n + 3, x])).toBe("14");
  });

  test("open strings leave the hand free", () => {
    expect(firstFingers(standard, [0, 2, x, x, x, x])).toBe("1");
    expect(firstFingers(standard, [x, 0, 2, x, x, x])).toBe("1");
    expect(["12", "13"]).toContain(firstFingers(standard, [x, x, 0, 2, 3, x]));
    expect(rankFingers(dropD, [0, 0, 0, x, x, x])).toMatchObject([{ effort: 0, reachMm: 0 }]);
  });

  test("easiest first: one finger in drop D before any three, the open grip before all", () => {
    expect(grips(dropD, "C", [0, 7, 12])[0]).toEqual([10, 10, 10, x, x, x]);
    expect(grips(dropD, "D", [0, 7, 12])[0]).toEqual([0, 0, 0, x, x, x]);
    expect(grips(standard, "E", [0, 7, 12])[0]).toEqual([0, 2, 2, x, x, x]);
  });
});

describe("what makes a grip hard", () => {
  const effort = (fretting: Fretting, neck = standard) =>
    rankFingers(neck, fretting)[0]?.effort ?? Infinity;

  test("fret 1 is harder than fret 7, three frets than two, fretted than open", () => {
    expect(effort([1, 3, 3, x, x, x])).toBeGreaterThan(effort([7, 9, 9, x, x, x]));
    expect(effort([x, x, x, 3, 6, x])).toBeGreaterThan(effort([3, 5, x, x, x, x]));
    expect(effort([3, 5, 5, x, x, x])).toBeGreaterThan(effort([0, 2, 2, x, x, x]));
  });

  test("a bar over six strings is harder than one over three", () => {
    expect(effort([3, 3, 3, 3, 3, 3])).toBeGreaterThan(effort([3, 3, 3, x, x, x]));
  });

  test("one finger in a drop tuning is easier than three", () => {
    expect(effort([3, 3, 3, x, x, x], dropD)).toBeLessThan(effort([3, 5, 5, x, x, x]));
  });

  test("a silent string between costs more, the more delicate its damping", () => {
    const interior = (fretting: Fretting) =>
      rankFingers(standard, fretting)[0]?.terms.interior ?? NaN;
    expect(interior([3, 5, 5, x, x, x])).toBe(0);
    expect(interior([3, x, 5, x, x, x])).toBeGreaterThan(0);
    expect(interior([0, 2, 2, x, 0, 0])).toBeGreaterThan(interior([3, x, 5, x, x, x]));
    expect(interior([x, 0, x, 0, x, x])).toBeGreaterThan(interior([0, 2, 2, x, 0, 0]));
  });

  test("what no hand reaches has no fingering", () => {
    expect(rankFingers(standard, [1, 8, x, x, x, x])).toEqual([]);
    // An open string inside a bar, and five frets for four fingers.
    expect(rankFingers(standard, [1, 2, 3, 4, 5, x])).toEqual([]);
  });
});

describe("the player's own hand and school", () => {
  test("a finger or a bar that is not there is never used", () => {
    const hand: Hand = { ...DEFAULT_HAND, without: [4, "barre"] };
    for (const fretting of grips(standard, "C", [0, 7, 12], hand)) {
      for (const { fingers } of rankFingers(standard, fretting, { hand })) {
        const used = fingers.filter((finger) => finger !== 0);
        expect(used).not.toContain(4);
        expect(new Set(used).size).toBe(used.length);
      }
    }
  });

  test("a school reorders the answers and keeps them all", () => {
    const ways = (school: School, fretting: Fretting) =>
      rankFingers(standard, fretting, { school }).map(({ fingers }) =>
        fingers.filter(Boolean).join(""),
      );
    const five: Fretting = [5, 7, 7, x, x, x];
    expect(ways("ring and little", five)[0]).toBe("134");
    expect(ways("ring barre", five)[0]).toBe("133");
    expect(ways("index and little", [5, 7, x, x, x, x])[0]).toBe("14");
    const bar: Fretting = [1, 3, 3, 2, 1, 1];
    expect(ways("ring and little", bar)[0]).toBe("134211");
    expect(ways("thumb allowed", bar)[0]).toBe("T34211");
    for (const school of SCHOOLS) {
      for (const fretting of [five, bar]) {
        expect([...ways(school, fretting)].sort()).toEqual(
          [...ways("ring and little", fretting)].sort(),
        );
      }
    }
  });

  test("the thumb frets only the thickest string", () => {
    for (const { fingers } of rankFingers(standard, [2, 2, 2, 2, 2, 2])) {
      expect(fingers.slice(1)).not.toContain("T");
    }
  });
});
