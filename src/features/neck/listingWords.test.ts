import { describe, expect, test } from "@jest/globals";
import { NO_FILTER } from "@/core/listing";
import { activeConditions, conditionText, withoutCondition } from "./listingWords";

describe("conditions of a list", () => {
  const filter = {
    ...NO_FILTER,
    bassString: 0,
    lowestNote: "root" as const,
    frets: [1, 5] as const,
    openStrings: "without" as const,
    maxFingers: 1,
    strumSafe: true,
    through: { string: 1, fret: 3 },
  };

  test("are told as they are asked", () => {
    const texts = activeConditions(filter).map((name) => conditionText(filter, name, 6));
    expect(texts.sort()).toEqual([
      "frets 1 to 5",
      "lowest note on string 6",
      "one finger",
      "root lowest",
      "string 5 at 3",
      "strum-safe",
      "without open strings",
    ]);
  });

  test("are dropped one by one", () => {
    const names = activeConditions(filter);
    expect(activeConditions(NO_FILTER)).toEqual([]);
    for (const name of names) {
      expect(activeConditions(withoutCondition(filter, name))).toEqual(
        names.filter((other) => other !== name),
      );
    }
  });
});
