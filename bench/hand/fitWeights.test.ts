import { describe, expect, test } from "@jest/globals";
import { type Case, type Way } from "./cases";
import { fitWeights } from "./fitWeights";

/** A way that counts so much of each part, given or not. */
const way = (amounts: readonly number[], isGiven: boolean): Way => ({
  fingers: [],
  isGiven,
  parts: amounts.map((_, part) => part),
  amounts,
});

const example = (shape: string, ways: readonly Way[]): Case => ({
  fretting: [],
  given: new Set(),
  shape,
  ways,
});

describe("fitting weights to choices", () => {
  // People took the way that counts of part 0 over the one that counts of part 1, each time.
  const cases = [
    example("a", [way([1, 0, 0], true), way([0, 1, 0], false)]),
    example("b", [way([2, 0, 0], true), way([0, 2, 0], false)]),
  ];
  const start = [3, 3, 3];

  test("what people avoid becomes dearer than what they take", () => {
    const [taken = NaN, avoided = NaN] = fitWeights({
      cases,
      start,
      isFitted: [true, true, true],
    });
    expect(avoided).toBeGreaterThan(taken + 2);
    expect(Math.min(taken, avoided)).toBeGreaterThanOrEqual(0);
  });

  test("what the choices do not tell of, and what is judged, stays", () => {
    const [judged, , untold] = fitWeights({ cases, start, isFitted: [false, true, true] });
    expect(judged).toBe(3);
    expect(untold).toBe(3);
  });

  test("contradicting choices leave the weights near where they were", () => {
    const torn = [
      example("a", [way([1, 0], true), way([0, 1], false)]),
      example("b", [way([1, 0], false), way([0, 1], true)]),
    ];
    const [first = NaN, second = NaN] = fitWeights({
      cases: torn,
      start: [3, 3],
      isFitted: [true, true],
    });
    expect(first).toBeCloseTo(3, 3);
    expect(second).toBeCloseTo(3, 3);
  });

  test("a case without any right answer teaches nothing", () => {
    const hopeless = [example("a", [way([1, 0], false), way([0, 1], false)])];
    expect([...fitWeights({ cases: hopeless, start: [1, 2], isFitted: [true, true] })]).toEqual([
      1, 2,
    ]);
  });
});
