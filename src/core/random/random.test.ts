import { expect, test } from "@jest/globals";
import { gaussian, seededRandom } from ".";

const draw = (count: number, next: () => number) => Array.from({ length: count }, next);
const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

test("the same seed gives the same numbers, another one others, all from 0 up to 1", () => {
  const first = draw(1000, seededRandom(5));
  expect(draw(1000, seededRandom(5))).toEqual(first);
  expect(draw(1000, seededRandom(6))).not.toEqual(first);
  expect(first.every((value) => value >= 0 && value < 1)).toBe(true);
  // Of 1,000 even numbers the mean lies within 0.03 of a half in all but one case of a thousand (3.3 standard errors).
  expect(mean(first)).toBeCloseTo(0.5, 1);
});

test("normal numbers have mean 0, variance 1, and two thirds of them lie within 1", () => {
  const random = seededRandom(1);
  const values = draw(20_000, () => gaussian(random));
  expect(mean(values)).toBeCloseTo(0, 1);
  expect(mean(values.map((value) => value ** 2))).toBeCloseTo(1, 1);
  expect(values.filter((value) => Math.abs(value) < 1).length / values.length).toBeCloseTo(
    0.683,
    1,
  );
});
