import { afterEach, beforeEach, describe, expect, test } from "@jest/globals";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type Database } from "better-sqlite3";
import { FIRST_COMPARISON, type Comparison } from "@/formats/address";
import { addComparison, deleteComparison, listComparisons, restoreComparison } from "./comparisons";
import { openDatabase } from "./database";
import { addGuitar } from "./guitars";
import { comparisonSchema, savedComparisonSchema, validate } from "./schemas";
import { readStart } from "./start";
import { usualMidi } from "@/core/tuning";

let folder: string;
let connection: Database;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-comparisons-"));
  connection = openDatabase(folder);
});

afterEach(() => {
  connection.close();
  rmSync(folder, { recursive: true, force: true });
});

const DROP_D = [38, 45, 50, 55, 59, 64];
const comparison: Comparison = {
  ...FIRST_COMPARISON,
  columns: [{ guitarId: 1, midi: DROP_D }],
  chords: "D5 F5",
};

describe("comparisons that are kept", () => {
  test("the newest first, as they were", () => {
    addComparison(connection, { name: "One", comparison });
    addComparison(connection, { name: "Two", comparison: { ...comparison, hold: "shape" } });
    expect(listComparisons(connection)).toMatchObject([
      { name: "Two", comparison: { hold: "shape" } },
      { name: "One", comparison },
    ]);
  });

  test("what is deleted comes back to its place", () => {
    const id = addComparison(connection, { name: "One", comparison });
    addComparison(connection, { name: "Two", comparison });
    deleteComparison(connection, id);
    expect(listComparisons(connection).map(({ name }) => name)).toEqual(["Two"]);
    restoreComparison(connection, id);
    expect(listComparisons(connection).map(({ name }) => name)).toEqual(["Two", "One"]);
  });

  test.each<[object, string]>([
    [{ columns: [] }, "columns"],
    [{ columns: Array(7).fill(comparison.columns[0]) }, "columns"],
    [{ chords: "x".repeat(2001) }, "chords"],
    [{ weights: { ...comparison.weights, ease: 4 } }, "weights.ease"],
    [{ hold: "breath" }, "hold"],
    [{ extra: 1 }, "extra"],
  ])("%j is refused", (part, field) => {
    const wrong = { name: "Wrong", comparison: { ...comparison, ...part } };
    expect(() => validate(savedComparisonSchema, wrong)).toThrow(field);
    expect(validate(comparisonSchema, comparison)).toEqual(comparison);
  });
});

describe("where Compare begins", () => {
  const start = (search: string) => readStart(connection, search, "/compare");

  test("with nothing said, with what there was", () => {
    expect(start("").choice.comparison).toBeNull();
    expect(start("").problems).toEqual([]);
  });

  test("with what the address says, each tuning on a guitar that has its strings", () => {
    const seven = addGuitar(connection, { name: "Long", usualMidi: usualMidi(7), frets: 24 });
    const { choice, problems } = start(
      `?tunings=drop D;7-string drop A&guitars=99;${seven}&chords=D5 G5`,
    );
    const [first] = readStart(connection).rig.guitars;
    expect(problems).toEqual([]);
    expect(choice.comparison).toMatchObject({
      chords: "D5 G5",
      columns: [{ guitarId: first.id, midi: DROP_D }, { guitarId: seven }],
    });
  });

  test("a tuning that fits no guitar is left out and told", () => {
    const { choice, problems } = start("?tunings=drop D;9-string drop B");
    expect(choice.comparison?.columns).toHaveLength(1);
    expect(problems).toEqual([expect.stringMatching(/no guitar of yours/)]);
  });

  test("the neck's address says nothing of it", () => {
    expect(readStart(connection, "?tunings=drop D").choice.comparison).toBeNull();
  });
});
