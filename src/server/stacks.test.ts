import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, test } from "@jest/globals";
import { type Database } from "better-sqlite3";
import { FIRST_VIEW } from "@/formats/address";
import { NO_FILTER } from "@/core/listing";
import { openDatabase } from "./database";
import { choiceSchema, ownStackSchema, validate } from "./schemas";
import {
  addOwnStack,
  deleteOwnStack,
  listOwnStacks,
  orderOwnStacks,
  restoreOwnStack,
  updateOwnStack,
} from "./stacks";
import { readStart } from "./start";
import { FIRST_CHOICE } from "./types";
import { saveChoice } from "./workspace";

let folder = "";
let connection: Database;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-stacks-"));
  connection = openDatabase(folder);
});

afterEach(() => {
  connection.close();
  rmSync(folder, { recursive: true });
});

const names = () => listOwnStacks(connection).map(({ name }) => name);
const add = (name: string) => addOwnStack(connection, { name, stack: [0, 7], leastNotes: null });

describe("own stacks", () => {
  test("come back as they were kept, voicings too", () => {
    const content = { name: "Big", stack: [-5, 0, 4], leastNotes: 5 };
    const id = addOwnStack(connection, content);
    connection.close();
    connection = openDatabase(folder);
    expect(listOwnStacks(connection)).toEqual([{ id, ...content }]);
  });

  test("stand in the player's order; a deleted one comes back to its place", () => {
    const [one, two, three] = ["one", "two", "three"].map(add);
    orderOwnStacks(connection, [three ?? 0, one ?? 0, two ?? 0]);
    expect(names()).toEqual(["three", "one", "two"]);
    deleteOwnStack(connection, one ?? 0);
    expect(names()).toEqual(["three", "two"]);
    restoreOwnStack(connection, one ?? 0);
    expect(names()).toEqual(["three", "one", "two"]);
    orderOwnStacks(connection, [two ?? 0]);
    expect(names()).toEqual(["two", "three", "one"]);
  });

  test("are changed by their id; one that is not there is said so", () => {
    const id = add("one");
    updateOwnStack(connection, id, { name: "uno", stack: [0, 12], leastNotes: null });
    expect(names()).toEqual(["uno"]);
    expect(() =>
      updateOwnStack(connection, 99, { name: "no", stack: [0], leastNotes: null }),
    ).toThrow(/no stack 99/);
  });

  test.each([
    ["no name", { name: " ", stack: [0, 7], leastNotes: null }],
    ["no tone", { name: "x", stack: [], leastNotes: null }],
    ["half a semitone", { name: "x", stack: [0, 6.5], leastNotes: null }],
    ["on one string", { name: "x", stack: [0, 7], leastNotes: 1 }],
  ])("%s is refused", (_, content) => {
    expect(() => validate(ownStackSchema, content)).toThrow();
  });
});

describe("where a page begins", () => {
  const saved = (part: object) => {
    const guitarId = readStart(connection).rig.guitars[0].id;
    saveChoice(connection, {
      ...FIRST_CHOICE,
      guitarId,
      tuningMidi: [40, 45, 50, 55, 59, 64],
      ...part,
    });
  };

  test("it is the first use until something was chosen, or an address says what to show", () => {
    expect(readStart(connection).isFirst).toBe(true);
    expect(readStart(connection, "?tuning=drop%20D").isFirst).toBe(false);
    saved({});
    expect(readStart(connection).isFirst).toBe(false);
  });

  test("what an earlier Tenon saved still holds, and what it did not know is as at first", () => {
    const { guitarId, tuningMidi } = readStart(connection).choice;
    const early = {
      guitarId,
      tuningMidi,
      root: "Bb",
      stack: [-5, 0],
      labels: "note",
      theme: "dark",
      chosen: null,
      comparison: null,
    };
    connection
      .prepare("INSERT INTO workspace (id, choice) VALUES (1, ?)")
      .run(JSON.stringify(early));
    const { choice } = readStart(connection);
    expect(choice).toEqual({ ...FIRST_CHOICE, ...early });
    expect(validate(choiceSchema, choice)).toEqual(choice);
  });

  test("an address is put over the choice, on a guitar that has its strings", () => {
    saved({ theme: "dark", spacing: "even", filter: { ...NO_FILTER, strumSafe: true } });
    const { choice, rig, problems } = readStart(connection, "?tuning=7-string%20drop%20A&root=C");
    expect(problems).toEqual([]);
    expect(choice).toMatchObject({ root: "C", theme: "dark", spacing: "true" });
    expect(choice.tuningMidi).toEqual([33, 40, 45, 50, 55, 59, 64]);
    expect(choice.filter).toEqual(FIRST_VIEW.filter);
    const guitar = rig.guitars.find(({ id }) => id === choice.guitarId);
    expect(guitar?.usualMidi).toHaveLength(7);
    expect(readStart(connection, "?order=lowest").choice).toMatchObject({
      order: "lowest",
      spacing: "even",
    });
  });

  test("strings that no guitar has are said, and the last choice stays", () => {
    saved({ root: "G" });
    const { choice, problems } = readStart(connection, "?tuning=4-string%20E%20standard&root=C");
    expect(problems).toEqual([expect.stringMatching(/no guitar of yours/)]);
    expect(choice.root).toBe("G");
  });
});
