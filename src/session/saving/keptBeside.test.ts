import { expect, test } from "@jest/globals";
import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { newGuitar, type Guitar } from "@/state";
import { type Change } from "@/wire";
import { actsBeside } from "./keptBeside";

const STANDARD = [40, 45, 50, 55, 59, 64];
const GUITARS: readonly Guitar[] = [{ ...newGuitar(6, "Ash six"), tunedMidi: STANDARD, id: 3 }];
const beside = (...changes: readonly object[]) =>
  actsBeside(
    changes.map((change, index) => ({ key: `change-${index}`, ...change }) as Change),
    GUITARS,
    1000,
  ).map((act) => [act.act, act.kind, "value" in act ? act.value : null]);

test("what was added is added, as it was last", () => {
  expect(
    beside(
      { act: "add", kind: "tuning", id: 1, value: { name: "Mine", midi: STANDARD } },
      { act: "set", kind: "tuning", id: 1, fields: { name: "Ours" } },
      { act: "add", kind: "tuning", id: 2, value: { name: "Gone", midi: STANDARD } },
      { act: "delete", kind: "tuning", id: 2 },
    ),
  ).toEqual([["add", "tuning", { name: "Ours", midi: STANDARD }]]);
});

test("a song that was written on is a new song on a guitar that is here", () => {
  expect(
    beside(
      { act: "set", kind: "song", id: 7, fields: { chart: "| E5 |", name: "Gate" } },
      { act: "set", kind: "song", id: 7, fields: { chart: "| E5 | A5 |" } },
      { act: "set", kind: "song", id: 8, fields: { name: "Only a name" } },
    ),
  ).toEqual([
    [
      "add",
      "song",
      {
        name: "Gate",
        chart: "| E5 | A5 |",
        guitarId: 3,
        tuningMidi: STANDARD,
        settings: DEFAULT_SONG_SETTINGS,
        archived: false,
      },
    ],
  ]);
});

test("rounds lose a guitar that is not here, pins of one are left out, and nothing here is changed", () => {
  expect(
    beside(
      { act: "add", kind: "round", id: 1, value: { drill: "move:a", guitarId: 9 } },
      { act: "add", kind: "pin", id: 2, value: { guitarId: 9 } },
      { act: "add", kind: "pin", id: 3, value: { guitarId: 3 } },
      { act: "set", kind: "profile", id: 1, fields: { a4Hz: 432 } },
      { act: "set", kind: "guitar", id: 3, fields: { name: "Other" } },
      { act: "delete", kind: "song", id: 3 },
    ),
  ).toEqual([
    ["add", "round", { drill: "move:a", guitarId: null }],
    ["add", "pin", { guitarId: 3 }],
  ]);
});
