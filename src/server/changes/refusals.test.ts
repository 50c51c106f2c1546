import { describe, expect, test } from "@jest/globals";
import { usualMidi } from "@/core/tuning";
import { newGuitar, type Kept } from "@/state";
import { type Act } from "@/wire";
import * as acted from "../testing";
import { freshDatabase, keyed, pinFor, rigOf, STANDARD } from "../testing";
import { makeChanges } from "./apply";
import { dataMark } from "./revision";

const data = freshDatabase();

const done = (...acts: readonly Act[]) => acted.done(data.connection, ...acts);
const problemOf = (act: unknown) => acted.problemOf(data.connection, act);

const guitar = (strings: number, name: string): Kept["guitar"] => ({
  ...newGuitar(strings, name),
  tunedMidi: usualMidi(strings),
});
describe("what is refused says why, and changes nothing", () => {
  const add = (kind: string, value: unknown) => ({ act: "add", kind, id: 900, value });
  test.each<[string, unknown, string, RegExp]>([
    ["a guitar without a name", add("guitar", { ...guitar(6, "x"), name: " " }), "name", /be seen/],
    [
      "a guitar that is not there",
      { act: "set", kind: "guitar", id: 4711, fields: {} },
      "guitar",
      /no guitar 4711/,
    ],
    [
      "a tuning of other strings",
      { act: "set", kind: "guitar", id: 1, fields: { tunedMidi: "x" } },
      "tunedMidi",
      /a list/,
    ],
    [
      "a neck that nobody has",
      { act: "set", kind: "guitar", id: 1, fields: { scaleMm: 1 } },
      "scaleMm",
      /300 to 1200 mm/,
    ],
    ["half a pin", add("pin", { root: "G" }), "fingers", /missing/],
    ["a pin on a guitar that is not there", add("pin", pinFor(4711)), "guitarId", /no guitar 4711/],
    [
      "text that looks like SQL",
      add("pin", { ...pinFor(1), root: "G'; DROP TABLE pin" }),
      "root",
      /a note/,
    ],
    [
      "a hand that nobody has",
      { act: "set", kind: "profile", id: 1, fields: { spanMm: 20 } },
      "spanMm",
      /or more/,
    ],
    [
      "what the profile does not know",
      { act: "set", kind: "profile", id: 1, fields: { shoeSize: 44 } },
      "input",
      /shoeSize/,
    ],
    [
      "what the choice does not know",
      { act: "set", kind: "choice", id: 1, fields: { shoeSize: 44 } },
      "fields",
      /unknown/,
    ],
    [
      "a name that is too long",
      add("tuning", { name: "x".repeat(61), midi: STANDARD }),
      "name",
      /60/,
    ],
    [
      "a name that nobody can see",
      add("tuning", { name: "\u200b\u3164", midi: STANDARD }),
      "name",
      /be seen/,
    ],
    [
      "a name that turns the text round",
      add("tuning", { name: "a\u202eb", midi: STANDARD }),
      "name",
      /cannot be shown/,
    ],
    [
      "a name with a NUL",
      add("tuning", { name: "a\0b", midi: STANDARD }),
      "name",
      /cannot be shown/,
    ],
    [
      "the deletion of what is not there",
      { act: "delete", kind: "pin", id: 4711 },
      "pin",
      /no pin 4711/,
    ],
    [
      "something under a number that is taken",
      { ...add("guitar", guitar(6, "x")), id: 1 },
      "guitar",
      /already/,
    ],
  ])("%s", (_, act, field, message) => {
    const before = [rigOf(data.connection), dataMark(data.connection)];
    const problem = problemOf(act);
    expect(problem?.message).toMatch(message);
    expect(problem?.field).toBe(field);
    expect([rigOf(data.connection), dataMark(data.connection)]).toEqual(before);
  });

  test("the last guitar stays", () => {
    done({ act: "delete", kind: "guitar", id: 1 }, { act: "delete", kind: "guitar", id: 2 });
    expect(problemOf({ act: "delete", kind: "guitar", id: 3 })?.message).toMatch(/one guitar/);
    expect(rigOf(data.connection).guitars.map(({ id }) => id)).toEqual([3]);
  });

  test("no refusal repeats what was sent", () => {
    const long = "x".repeat(5000);
    for (const act of [
      add("tuning", { name: long, midi: long }),
      add("pin", { ...pinFor(1), [long]: 1 }),
      { act: "set", kind: "choice", id: 1, fields: { root: long } },
    ]) {
      expect(problemOf(act)?.message.length).toBeLessThan(200);
    }
  });

  test("one that is refused leaves the others of its batch alone", () => {
    const rename = keyed({ act: "set", kind: "guitar", id: 1, fields: { name: "Ash" } });
    const wrong = keyed({ act: "set", kind: "guitar", id: 4711, fields: { name: "No" } });
    const outcomes = makeChanges(data.connection, [wrong, rename]);
    expect(outcomes.map(({ problem }) => problem === null)).toEqual([false, true]);
    expect(rigOf(data.connection).guitars[0].name).toBe("Ash");
  });
});
