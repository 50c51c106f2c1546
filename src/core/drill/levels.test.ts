import { describe, expect, test } from "@jest/globals";
import { type RoundResult } from "@/core/recall";
import { levelAfter } from "./levels";

const answers = (letters: string): readonly RoundResult[] =>
  [...letters].map((letter) => (letter === "m" ? "missed" : letter === "r" ? "rough" : "clean"));

describe("how hard questions for the ear are", () => {
  test.each([
    ["", 0],
    ["cccc", 0],
    ["ccrcc", 1],
    ["ccccc" + "ccccc", 2],
    ["ccccccccccccccccccccc", 2],
    ["ccccc" + "mcm", 0],
    ["mmmm", 0],
    ["ccccc" + "cmccm" + "ccc", 1],
  ])("after %s: level %d", (letters, level) => {
    expect(levelAfter(answers(letters))).toBe(level);
  });
});
