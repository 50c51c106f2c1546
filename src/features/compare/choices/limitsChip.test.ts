import { expect, test } from "@jest/globals";
import { NO_GRIP_LIMITS } from "@/core/gripSearch";
import { limitWords } from "./LimitsChip";

test.each([
  [{}, ""],
  [{ frets: [5, 9] as const, maxNotes: 1 }, "frets 5 to 9, at most 1 note"],
  [
    { rootStrings: [0, 1], openStrings: "none" as const },
    "roots on string 6 or 5, no open strings",
  ],
])("%j", (part, words) => {
  expect(limitWords({ ...NO_GRIP_LIMITS, ...part }, 6)).toBe(words);
});
