import { describe, expect, test } from "@jest/globals";
import { type Fretting } from "./fretting";
import { areDistinct, findShape, shapeOf } from "./shape";

const frets = (text: string): Fretting =>
  text.split(" ").map((fret) => (fret === "x" ? null : Number(fret)));

describe("a shape", () => {
  test.each([
    ["3 5 5 x x x", "x 3 5 5 x x", true],
    ["1 3 3 2 1 1", "0 2 2 1 0 0", true],
    ["3 5 5 x x x", "3 5 5 5 x x", false],
    ["x 3 2 0 1 0", "x 5 4 2 3 2", true],
    ["3 x 5 x x x", "3 5 5 x x x", false],
  ])("%s and %s are one: %s", (a, b, areOne) => {
    expect(shapeOf(frets(a)) === shapeOf(frets(b))).toBe(areOne);
  });

  test("is found on its own strings first, then on those nearest, at the nearest fret", () => {
    const found = (list: readonly string[], shape: string) =>
      findShape(list.map(frets), frets(shape))?.index;
    const list = ["x 0 2 2 x x", "5 7 7 x x x", "x 12 14 14 x x", "17 19 19 x x x", "0 x 2 x x x"];
    expect(found(list, "3 5 5 x x x")).toBe(1);
    expect(found(list, "x 10 12 12 x x")).toBe(2);
    expect(found(list, "x x 5 7 7 x")).toBe(0);
    expect(found(list, "3 5 5 5 x x")).toBeUndefined();
  });
});

describe("two places of a chord", () => {
  test.each([
    ["3 5 5 x x x", "3 5 5 5 x x", false],
    ["x 3 5 5 x x", "8 10 10 x x x", true],
    ["x 0 2 2 x x", "5 7 7 x x x", true],
    ["x 2 4 4 4 2", "x 5 7 7 7 5", true],
    ["x 2 4 4 4 2", "x 4 4 4 4 2", false],
    ["3 2 0 0 0 3", "3 5 5 4 3 3", true],
  ])("%s and %s are different: %s", (a, b, areDifferent) => {
    expect(areDistinct(frets(a), frets(b))).toBe(areDifferent);
    expect(areDistinct(frets(b), frets(a))).toBe(areDifferent);
  });
});
