import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { crowdedMm } from "./crowding";
import { rankFingers } from "./fingering";
import { checkHand, DEFAULT_HAND, type Hand } from "./hand";
import { gradeReach } from "./reach";
import { frets, testNeckOf, STANDARD } from "./testShapes";

const neck = testNeckOf(STANDARD);
const handWith = (fingertipMm: number): Hand => ({ ...DEFAULT_HAND, fingertipMm });
/** The room that three fingers side by side lack at a fret, as in the open A shape moved up. */
const lacking = (fret: number, hand: Hand) => {
  const shape = [null, null, fret, fret, fret, null];
  const three = rankFingers(neck, shape, { hand }).find(({ presses }) => presses.length === 3);
  if (!three) throw new Error();
  return crowdedMm(neck, three.presses, hand);
};

describe("fingertips beside each other", () => {
  test("three fit at fret 2 and run out of room far up the neck (common practice)", () => {
    expect(lacking(2, DEFAULT_HAND)).toBe(0);
    expect(lacking(14, DEFAULT_HAND)).toBeGreaterThan(0);
  });

  test("thick fingertips run out of room sooner, narrow ones hardly at all", () => {
    expect(lacking(9, handWith(20))).toBeGreaterThan(lacking(9, DEFAULT_HAND));
    expect(lacking(14, handWith(8))).toBe(0);
  });

  test("the room they lack never shrinks up the neck or with wider fingertips", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 8, max: 24 }),
        (fret, widthMm) => {
          const here = lacking(fret, handWith(widthMm));
          expect(lacking(fret + 1, handWith(widthMm))).toBeGreaterThanOrEqual(here);
          expect(lacking(fret, handWith(widthMm + 1))).toBeGreaterThanOrEqual(here);
        },
      ),
    );
  });

  test("one finger across the strings, and fingers on other frets, have room", () => {
    for (const shape of ["x x 14 14 14 x", "14 16 x x x x", "x 3 2 0 1 0"]) {
      const [best] = rankFingers(neck, frets(shape), { hand: handWith(14) });
      const presses = best?.presses ?? [];
      if (presses.some(({ hold }, at) => presses[at + 1]?.hold.fret === hold.fret)) continue;
      expect(crowdedMm(neck, presses, handWith(14))).toBe(0);
    }
  });

  test("effort and reach tell it", () => {
    const shape = frets("x x 15 15 15 x");
    const hand = handWith(18);
    const three = rankFingers(neck, shape, { hand }).find(({ presses }) => presses.length === 3);
    if (!three) throw new Error();
    expect(three.terms.crowding).toBeCloseTo(crowdedMm(neck, three.presses, hand), 9);
    expect(gradeReach(neck, shape, three.presses, hand).crowdedMm).toBeGreaterThan(0);
  });

  test("a width that no finger has is refused in words", () => {
    expect(checkHand(handWith(40))).toMatchObject({
      ok: false,
      problem: { field: "hand.fingertipMm", message: "40: a fingertip is 8 to 25 mm wide" },
    });
  });
});
