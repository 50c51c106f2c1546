import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, test } from "@jest/globals";
import type Database from "better-sqlite3";
import { listComparisons } from "./comparisons";
import { openDatabase } from "./database";
import { saveProfile } from "./profile";
import { readStart } from "./start";
import { DEFAULT_PROFILE, FIRST_CHOICE, type Choice, type Profile } from "./types";
import { saveChoice } from "./workspace";

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
    fiveStack: [0, 7],
    allAsFives: true,
    leastNotes: 3,
    hold: "chord",
    shape: null,
    weights,
    minutesPerString: 1,
  };
  const oldChoice = {
    root: "Bb",
    stack: [-5, 0],
    leastNotes: null,
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
    saveChoice(connection, choice as Choice);
    saveProfile(connection, profile as Profile);
  };

  test("every field is kept, and what is new is filled in", () => {
    saveOld(oldChoice, oldProfile);
    reopen();
    const { choice, rig, problems } = readStart(connection);
    expect(rig.profile).toEqual({ ...DEFAULT_PROFILE, ...oldProfile });
    expect(choice).toEqual({
      ...oldChoice,
      filter: { ...FIRST_CHOICE.filter, ...oldChoice.filter },
      hearing: { ...FIRST_CHOICE.hearing, ...oldChoice.hearing },
      comparison: { ...oldComparison, weights: { ...weights, usual: 1 } },
    });
    expect(problems).toEqual([]);
  });

  test("a kept comparison scores by the new weight as by default, never by nothing", () => {
    connection
      .prepare("INSERT INTO comparison (name, content) VALUES (?, ?)")
      .run("Old", JSON.stringify(oldComparison));
    expect(listComparisons(connection)[0]?.comparison.weights).toEqual({ ...weights, usual: 1 });
  });

  test("a field that makes no sense is replaced alone, and said", () => {
    saveOld({ ...oldChoice, order: "by colour", root: 12 }, { ...oldProfile, a4Hz: 12 });
    const { choice, rig, problems } = readStart(connection);
    expect(choice).toMatchObject({ order: "usual", root: "E", stack: [-5, 0], theme: "dark" });
    expect(rig.profile).toMatchObject({ spanMm: 172, a4Hz: 440, naming: "shape" });
    expect(problems.join()).toMatch(/order/);
  });

  test("what cannot be read at all is left where it is", () => {
    connection
      .prepare("INSERT INTO comparison (name, content) VALUES ('Odd', '[1]'), ('Void', '{}')")
      .run();
    expect(listComparisons(connection)).toEqual([]);
    expect(connection.prepare("SELECT count(*) AS n FROM comparison").get()).toEqual({ n: 2 });
  });
});
