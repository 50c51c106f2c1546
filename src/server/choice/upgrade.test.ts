import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, test } from "@jest/globals";
import type Database from "better-sqlite3";
import { comparisonKeeper } from "@/server/tables";
import { openDatabase } from "@/server/database";
import { listKept, unreadableRows } from "@/server/keeper";
import { DEFAULT_PROFILE, DEFAULT_CHOICE, DEFAULT_COMPARISON } from "@/state";
import { makeChanges } from "../changes";
import { listSetAside } from "../keeper";
import { saveEarly } from "../testing";
import { readStart } from "./start";

let folder = "";
let connection: Database.Database;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-"));
  connection = openDatabase(folder);
});

afterEach(() => {
  connection.close();
  rmSync(folder, { recursive: true });
});

const reopen = () => {
  connection.close();
  connection = openDatabase(folder);
};

describe("what the version before saved", () => {
  // As it stood in the database before there were weights of what is usual, wishes, levels and fingertips.
  const weights = { ease: 0.5, low: 2, clear: 0, ringing: 1, retuning: 3 };
  const oldComparison = {
    columns: [{ guitarId: 1, midi: [38, 45, 50, 55, 59, 64] }],
    chords: "D5 F5",
    powerChordVoicing: [0, 7],
    allAsPowerChords: true,
    minNotes: 3,
    hold: "chord",
    shape: null,
    weights,
    minutesPerString: 1,
  };
  const oldChoice = {
    root: "Bb",
    voicing: [-5, 0],
    minNotes: null,
    labels: "note",
    mapped: [0, 3],
    naturals: false,
    mapStrings: null,
    spacing: "even",
    thickOnTop: true,
    order: "effort",
    filter: { bassString: 1, frets: [3, 9], openStrings: "without", barre: "any" },
    stage: false,
    chosen: null,
    guitarId: 1,
    tuningMidi: [38, 45, 50, 55, 59, 64],
    theme: "dark",
    comparison: oldComparison,
    hints: false,
    hearing: { gain: true, loudness: 0.3 },
  };
  const oldProfile = {
    spanMm: 172,
    without: [4],
    school: "ring barre",
    accidentals: "flats",
    a4Hz: 442,
    naming: "shape",
    limits: { slackShare: 0.7, stressShare: 0.85, strengthMpa: 2200, totalShare: 0.2 },
  };
  const saveOld = (choice: unknown, profile: unknown) => {
    saveEarly(connection, { choice, profile });
  };

  test("every field is kept, and what is new is filled in", () => {
    saveOld(oldChoice, oldProfile);
    reopen();
    const { choice, rig, problems } = readStart(connection);
    expect(rig.profile).toEqual({ ...DEFAULT_PROFILE, ...oldProfile });
    expect(choice).toEqual({
      ...oldChoice,
      filter: { ...DEFAULT_CHOICE.filter, ...oldChoice.filter },
      hearing: { ...DEFAULT_CHOICE.hearing, ...oldChoice.hearing },
      keepsShape: true,
      keepsAcross: "chord",
      comparison: {
        ...oldComparison,
        weights: { ...weights, usual: 1 },
        limits: DEFAULT_COMPARISON.limits,
      },
    });
    expect(problems).toEqual([]);
  });

  test("a kept comparison scores by the new weight as by default, never by nothing", () => {
    connection
      .prepare("INSERT INTO comparison (name, content) VALUES (?, ?)")
      .run("Old", JSON.stringify(oldComparison));
    expect(listKept(connection, comparisonKeeper)[0]?.value.comparison.weights).toEqual({
      ...weights,
      usual: 1,
    });
  });

  test("a field that makes no sense is replaced alone, and said", () => {
    saveOld({ ...oldChoice, order: "by colour", root: 12 }, { ...oldProfile, a4Hz: 12 });
    const { choice, rig, problems } = readStart(connection);
    expect(choice).toMatchObject({ order: "usual", root: "E", voicing: [-5, 0], theme: "dark" });
    expect(rig.profile).toMatchObject({ spanMm: 172, a4Hz: 440, naming: "shape" });
    expect(problems.join()).toMatch(/order/);
    expect(problems.join()).toMatch(/a4Hz/);
  });

  test("what cannot be read at all is left where it is", () => {
    connection
      .prepare("INSERT INTO comparison (name, content) VALUES ('Odd', '[1]'), ('Void', '{}')")
      .run();
    expect(listKept(connection, comparisonKeeper)).toEqual([]);
    const unread = unreadableRows(connection, comparisonKeeper as never);
    expect(unread.map(({ content }) => content)).toEqual(["[1]", "{}"]);
    expect(connection.prepare("SELECT count(*) AS n FROM comparison").get()).toEqual({ n: 2 });
  });

  test("what cannot be read whole is set aside before it is written over", () => {
    saveOld("no choice at all", { ...oldProfile, a4Hz: 12 });
    const set = { act: "set", id: 1 } as const;
    makeChanges(connection, [
      { ...set, kind: "choice", fields: { root: "C" }, key: "set-aside-1" },
      { ...set, kind: "profile", fields: { naming: "sounding" }, key: "set-aside-2" },
      { ...set, kind: "profile", fields: { naming: "shape" }, key: "set-aside-3" },
    ]);
    expect(
      listSetAside(connection).map(({ kind, content }) => [kind, JSON.parse(content)]),
    ).toEqual([
      ["choice", "no choice at all"],
      ["profile", { ...oldProfile, a4Hz: 12 }],
    ]);
    expect(readStart(connection).rig.profile).toMatchObject({ spanMm: 172, a4Hz: 440 });
  });

  test("a choice that a newer Tenon wrote is not read, and not lost", () => {
    connection.exec(
      `INSERT INTO choice (player_id, content, format) VALUES (1, '{"root": "B"}', 99)`,
    );
    expect(readStart(connection).choice.root).toBe("E");
    const change = { act: "set", id: 1, kind: "choice", fields: { root: "C" } } as const;
    makeChanges(connection, [{ ...change, key: "newer-choice" }]);
    expect(listSetAside(connection)).toMatchObject([{ kind: "choice", content: '{"root": "B"}' }]);
  });

  test("the one other tuning of the first Tenon is compared with still", () => {
    const other = [40, 45, 50, 55, 59, 64];
    saveOld({ ...oldChoice, comparison: undefined, comparedMidi: other }, oldProfile);
    expect(readStart(connection).choice.comparison).toMatchObject({
      columns: [{ midi: oldChoice.tuningMidi }, { midi: other }],
      chords: "Bb5",
    });
  });
});
