import { describe, expect, test } from "@jest/globals";
import { readTuning } from "@/core/tuning";
import { callTuning } from "@/state";
import { tuningLists } from "./tuningLists";

const DROP_D = [38, 45, 50, 55, 59, 64];
const DROP_C = [36, 43, 48, 53, 57, 62];

describe("lists of tunings", () => {
  const shelf = {
    favourites: [DROP_D],
    ownTunings: [{ id: 1, name: "Nine Below", midi: DROP_C }],
    accidentals: "mixed" as const,
  };

  test("favourites and own ones first, own names before others", () => {
    expect(
      tuningLists(shelf, 6, "")
        .map(({ title }) => title)
        .slice(0, 3),
    ).toEqual(["Favourites", "Your own", "Standard tunings"]);
    expect(callTuning(DROP_C, shelf.ownTunings, "mixed").name).toBe("Nine Below");
    expect(callTuning(DROP_D, shelf.ownTunings, "mixed").name).toBe("Drop D");
  });

  test("at least sixty in the catalogue, for every number of strings, each readable by its name", () => {
    const counts = [4, 5, 6, 7, 8, 9, 10];
    const bare = { ...shelf, favourites: [], ownTunings: [] };
    const found = counts.map((count) =>
      tuningLists(bare, count, "").flatMap((list) => list.tunings),
    );
    expect(found.every((tunings) => tunings.length > 0)).toBe(true);
    expect(found.flat().length).toBeGreaterThanOrEqual(60);
    for (const { name, midi } of found.flat()) {
      expect(readTuning(name)).toMatchObject({ ok: true, value: { tuning: { midi } } });
    }
  });

  test("typing narrows them", () => {
    const named = tuningLists(shelf, 6, "dadg").flatMap((list) => list.tunings);
    expect(named.map(({ name }) => name)).toEqual(["DADGAD"]);
    expect(tuningLists(shelf, 6, "no such")).toEqual([]);
  });
});
