import { describe, expect, test } from "@jest/globals";
import { fingersText, spokenFretting } from "./FretText";

describe("words for figures", () => {
  test("a grip is spoken string by string", () => {
    expect(spokenFretting([null, 0, 2, 2, null, null])).toBe(
      "from the thick string: silent, open, 2, 2, silent, silent",
    );
    expect(fingersText([0, 1, "T", 0])).toBe("1 T");
    expect(fingersText([0, 0])).toBe("open");
  });
});
