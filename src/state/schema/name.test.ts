import { describe, expect, test } from "@jest/globals";
import { name } from "./name";

const problemOf = (text: unknown): string | null => {
  try {
    name.validateSync(text, { strict: true });
    return null;
  } catch (error) {
    return (error as Error).message;
  }
};

describe("a name", () => {
  test.each(["Ash six", "Üben", "七弦", "6", "★", "a\u0301", "Cedar 🎸", "עץ"])(
    "%s is one",
    (text) => {
      expect(problemOf(text)).toBeNull();
    },
  );

  test.each([
    ["nothing", "", /missing/],
    ["spaces", "   ", /can be seen/],
    ["characters of no width", "\u200b\u200c\u2060", /can be seen/],
    ["fillers", "\u3164\u115f\u2800", /can be seen/],
    ["a NUL", "Ash\u0000", /cannot be shown/],
    ["a line break", "Ash\nsix", /cannot be shown/],
    ["what turns the direction", "Ash \u202exis", /cannot be shown/],
    ["a direction mark", "Ash\u200f", /cannot be shown/],
    ["half of a pair", "Ash \ud83c", /cannot be shown/],
    ["too much", "a".repeat(61), /at most 60/],
    ["a number", 6, /must be text/],
  ])("%s is none, and the refusal says why", (_, text, reason) => {
    expect(problemOf(text)).toMatch(reason);
  });

  test("a refusal never repeats it", () => {
    expect(problemOf("long ".repeat(5000))).toBe("the input must have at most 60 characters");
  });
});
