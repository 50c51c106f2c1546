import { describe, expect, test } from "@jest/globals";
import { type Fretting } from "@/core/fretting";
import { fingerFretting, rankFingers } from "./fingering";
import { DEFAULT_HAND, type Hand } from "./hand";
import { gradeReach } from "./reach";
import { frets, testNeckOf, STANDARD } from "./testShapes";

const standard = testNeckOf(STANDARD);

const reachOf = (text: string, fingers: string, hand: Hand = DEFAULT_HAND, neck = standard) => {
  const way = rankFingers(neck, frets(text), { hand }, "any").find(
    (each) => each.fingers.filter(Boolean).join("") === fingers,
  );
  if (!way) throw new Error(`${text} cannot be fingered ${fingers}`);
  return gradeReach(neck, way.fretting, way.presses, hand);
};

describe("reach", () => {
  test("is told in mm between the two fingers that are the tightest", () => {
    // Fret distances of the equal-tempered table (648 mm): 36.37, 70.70, 103.10, 133.68 mm; a
    // fingertip stands a quarter of the fret space behind its wire.
    const reach = reachOf("1 4 x x x x", "14");
    expect(reach.mm).toBeCloseTo(133.68 - 0.25 * (133.68 - 103.1) - 0.75 * 36.37, 1);
    expect(reach.stretches).toMatchObject([{ fingers: [1, 4], comfortMm: 92, hardMm: 126 }]);
    expect(reach.grade).toBe("long");
    expect(reachOf("1 3 3 x x x", "134").stretches).toHaveLength(3);
  });

  test("runs from comfortable over long and at the limit to beyond", () => {
    expect(reachOf("7 9 9 x x x", "134").grade).toBe("comfortable");
    expect(reachOf("1 4 4 x x x", "144").grade).toBe("long");
    expect(reachOf("2 6 x x x x", "14").grade).toBe("at the limit");
    expect(reachOf("1 6 x x x x", "14").grade).toBe("beyond");
    expect(rankFingers(standard, frets("1 6 x x x x"))).toEqual([]);
  });

  test("says from which fret on a shape is comfortable, and is comfortable there", () => {
    const from = reachOf("1 4 4 x x x", "144").comfortableFromFret ?? 0;
    expect(from).toBeGreaterThan(1);
    expect(reachOf(`${from} ${from + 3} ${from + 3} x x x`, "144").grade).toBe("comfortable");
    expect(reachOf(`${from - 1} ${from + 2} ${from + 2} x x x`, "144").grade).not.toBe(
      "comfortable",
    );
    const small: Hand = { ...DEFAULT_HAND, spanMm: 120 };
    expect(reachOf("1 4 4 x x x", "144", small).comfortableFromFret).toBeGreaterThan(from);
    expect(
      reachOf("1 4 4 x x x", "144", DEFAULT_HAND, testNeckOf(STANDARD, { scaleMm: 762 }))
        .comfortableFromFret,
    ).toBeGreaterThan(from);
  });

  test("open strings tie a shape to its place; one finger never stretches", () => {
    expect(reachOf("x x 0 2 3 x", "12").comfortableFromFret).toBeNull();
    expect(reachOf("0 0 0 x x x", "")).toMatchObject({ grade: "comfortable", stretches: [] });
    expect(reachOf("5 5 5 x x x", "111")).toMatchObject({ mm: 0, comfortableFromFret: 1 });
  });
});

describe("bad input is named", () => {
  const five = frets("1 3 3 x x x");
  const problemOf = (fretting: Fretting, hand?: Partial<Hand>) => {
    const found = fingerFretting(standard, fretting, { hand: { ...DEFAULT_HAND, ...hand } });
    return found.ok ? null : found.problem;
  };

  test("frets off the neck, strings that do not match it, numbers that are none", () => {
    expect(problemOf([25, null, null, null, null, null])).toEqual({
      field: "fretting",
      message: "string 6: fret 25 is not on this neck; write 0 to 24, or null",
    });
    expect(problemOf([1, 3, 3])?.message).toBe("3 strings; this neck has 6");
    for (const wrong of [NaN, -1, 1.5, Infinity]) {
      expect(problemOf([null, null, null, wrong, null, null])?.message).toMatch(/^string 3: fret/);
    }
  });

  test("hands that nobody has", () => {
    for (const spanMm of [-150, 0, NaN, 1000]) {
      expect(problemOf(five, { spanMm })).toMatchObject({ field: "hand.spanMm" });
    }
    expect(problemOf(five, { without: [7 as 1] })).toEqual({
      field: "hand.without",
      message: "'7': leave out any of 1, 2, 3, 4, T, barre",
    });
    expect(problemOf(five)).toBeNull();
  });
});
