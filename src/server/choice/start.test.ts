import { describe, expect, test } from "@jest/globals";
import { NO_FILTER } from "@/core/listing";
import { readStart } from "./start";
import { validate } from "@/server/edge";
import { DEFAULT_CHOICE, DEFAULT_VIEW, type Choice } from "@/state";
import { choiceSchema } from "@/state/schema";
import { addGuitar, freshDatabase, rigOf, saveChoice, saveEarly } from "../testing";

const data = freshDatabase();

const firstGuitar = () => rigOf(data.connection).guitars[0].id;
const DROP_D = [38, 45, 50, 55, 59, 64];
describe("where the player left off", () => {
  const choiceFor = (guitarId: number): Choice => ({
    ...DEFAULT_CHOICE,
    guitarId,
    tuningMidi: [38, 45, 50, 55, 59, 64],
    root: "Bb",
    voicing: [-5, 0],
    labels: "note",
    theme: "dark",
    chosen: { fretting: [3, 3, null, null, null, null], fingers: [1, 1, 0, 0, 0, 0] },
    comparison: null,
  });

  test("it is there again after a restart", () => {
    saveChoice(data.connection, choiceFor(firstGuitar()));
    saveChoice(data.connection, { ...choiceFor(firstGuitar()), root: "C" });
    data.reopen();
    expect(readStart(data.connection).choice).toEqual({ ...choiceFor(firstGuitar()), root: "C" });
  });

  test("without one, the first guitar is in its usual tuning", () => {
    const {
      choice,
      rig: { guitars },
    } = readStart(data.connection);
    expect(choice).toMatchObject({ guitarId: guitars[0].id, tuningMidi: guitars[0].usualMidi });
  });

  test.each([
    ["a guitar that is gone", { guitarId: 4711 }],
    ["a tuning for another guitar", { tuningMidi: [28, 33, 38, 43] }],
  ])("%s is not shown; the first guitar is shown as it is tuned", (_, part) => {
    saveChoice(data.connection, { ...choiceFor(firstGuitar()), ...part } as Choice);
    expect(readStart(data.connection).choice.tuningMidi).toEqual([40, 45, 50, 55, 59, 64]);
  });
});

describe("where a page begins", () => {
  const saved = (part: object) => {
    const guitarId = readStart(data.connection).rig.guitars[0].id;
    saveChoice(data.connection, {
      ...DEFAULT_CHOICE,
      guitarId,
      tuningMidi: [40, 45, 50, 55, 59, 64],
      ...part,
    });
  };

  test("it is the first use until something was chosen, or an address says what to show", () => {
    expect(readStart(data.connection).isFirst).toBe(true);
    expect(readStart(data.connection, "?tuning=drop%20D").isFirst).toBe(false);
    saved({});
    expect(readStart(data.connection).isFirst).toBe(false);
  });

  test("what an earlier Tenon saved still holds, and what it did not know is as at first", () => {
    const { guitarId, tuningMidi } = readStart(data.connection).choice;
    const early = {
      guitarId,
      tuningMidi,
      root: "Bb",
      voicing: [-5, 0],
      labels: "note",
      theme: "dark",
      chosen: null,
      comparison: null,
    };
    saveEarly(data.connection, { choice: early });
    const { choice } = readStart(data.connection);
    expect(choice).toEqual({ ...DEFAULT_CHOICE, ...early });
    expect(validate(choiceSchema, choice)).toEqual(choice);
  });

  test("an address is put over the choice, on a guitar that has its strings", () => {
    saved({ theme: "dark", spacing: "even", filter: { ...NO_FILTER, strumSafe: true } });
    const { choice, rig, problems } = readStart(
      data.connection,
      "?tuning=7-string%20drop%20A&root=C",
    );
    expect(problems).toEqual([]);
    expect(choice).toMatchObject({ root: "C", theme: "dark", spacing: "true" });
    expect(choice.tuningMidi).toEqual([33, 40, 45, 50, 55, 59, 64]);
    expect(choice.filter).toEqual(DEFAULT_VIEW.filter);
    const guitar = rig.guitars.find(({ id }) => id === choice.guitarId);
    expect(guitar?.usualMidi).toHaveLength(7);
    expect(readStart(data.connection, "?order=lowest").choice).toMatchObject({
      order: "lowest",
      spacing: "even",
    });
  });

  test("strings that no guitar has are said, and the last choice stays", () => {
    saved({ root: "G" });
    const { choice, problems } = readStart(
      data.connection,
      "?tuning=4-string%20E%20standard&root=C",
    );
    expect(problems).toEqual([expect.stringMatching(/none of your guitars/)]);
    expect(choice.root).toBe("G");
  });
});

describe("where Compare begins", () => {
  const start = (search: string) => readStart(data.connection, search, "/compare");

  test("with nothing said, with what there was", () => {
    expect(start("").choice.comparison).toBeNull();
    expect(start("").problems).toEqual([]);
  });

  test("with what the address says, each tuning on a guitar that has its strings", () => {
    const seven = addGuitar(data.connection, 7, { name: "Long" });
    const { choice, problems } = start(
      `?tunings=drop D;7-string drop A&guitars=99;${seven}&chords=D5 G5`,
    );
    const [first] = readStart(data.connection).rig.guitars;
    expect(problems).toEqual([]);
    expect(choice.comparison).toMatchObject({
      chords: "D5 G5",
      columns: [{ guitarId: first.id, midi: DROP_D }, { guitarId: seven }],
    });
  });

  test("a tuning that fits no guitar is left out and told", () => {
    const { choice, problems } = start("?tunings=drop D;9-string drop B");
    expect(choice.comparison?.columns).toHaveLength(1);
    expect(problems).toEqual([expect.stringMatching(/none of your guitars/)]);
  });

  test("the neck's address says nothing of it", () => {
    expect(readStart(data.connection, "?tunings=drop D").choice.comparison).toBeNull();
  });
});
