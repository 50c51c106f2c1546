import { copyFileSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";
import { afterEach, beforeEach, describe, expect, test } from "@jest/globals";
import Database from "better-sqlite3";
import { UNKNOWN_STRING } from "@/core/tuning";
import { openDatabase } from "./database";
import {
  addGuitar,
  deleteGuitar,
  listGuitars,
  restoreGuitar,
  setTuned,
  updateGuitar,
} from "./guitars";
import { migrate } from "./migrate";
import { addPin } from "./pins";
import { loadProfile, saveProfile } from "./profile";
import { readRig } from "./rig";
import { favouritesSchema, guitarSchema, profileSchema, validate } from "./schemas";
import { seedDemo } from "./seed";
import {
  addOwnTuning,
  deleteOwnTuning,
  listFavourites,
  listOwnTunings,
  renameOwnTuning,
  restoreOwnTuning,
  saveFavourites,
} from "./tunings";
import { DEFAULT_PROFILE, type Guitar, type GuitarContent } from "./types";

const STANDARD = [40, 45, 50, 55, 59, 64];
const DROP_D = [38, 45, 50, 55, 59, 64];

let folder = "";
let connection: Database.Database;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-rig-"));
  connection = openDatabase(folder);
});

afterEach(() => {
  connection.close();
  rmSync(folder, { recursive: true });
});

const guitar: GuitarContent = {
  name: "Left fan",
  usualMidi: [35, 40, 45, 50, 55, 59, 64],
  frets: 27,
  scaleMm: 686,
  trebleScaleMm: 648,
  perpendicularFret: 8,
  nutMm: 45,
  bridgeMm: 64,
  capo: 2,
  leftHanded: true,
  bridge: "locking",
  strings: Array.from({ length: 7 }, (_, string) => ({
    ...UNKNOWN_STRING,
    diameterMm: 1.5 - string / 6,
    wound: string < 4,
  })),
};

const byId = (id: number): Guitar | undefined =>
  listGuitars(connection).find((each) => each.id === id);

const pinOn = (guitarId: number) =>
  addPin(connection, {
    guitarId,
    tuningMidi: STANDARD,
    root: "G",
    stack: [0, 7, 12],
    leastNotes: null,
    fretting: [3, 5, 5, null, null, null],
    fingers: [1, 3, 4, 0, 0, 0],
  });

describe("guitars", () => {
  test("all of a guitar comes back after a restart, hanging in its usual tuning", () => {
    const id = addGuitar(connection, guitar);
    connection.close();
    connection = openDatabase(folder);
    expect(byId(id)).toEqual({ ...guitar, id, tunedMidi: guitar.usualMidi });
  });

  test("it is changed in place and keeps what it hangs in", () => {
    const id = addGuitar(connection, { name: "Six", usualMidi: STANDARD, frets: 22 });
    setTuned(connection, id, DROP_D);
    const { id: _, tunedMidi, ...content } = byId(id) as Guitar;
    updateGuitar(connection, id, { ...content, name: "Ash", scaleMm: 628, trebleScaleMm: 628 });
    expect(byId(id)).toMatchObject({ name: "Ash", scaleMm: 628, tunedMidi: DROP_D });
    expect(tunedMidi).toEqual(DROP_D);
  });

  test("with another number of strings it hangs as usual, and its pins wait out of sight", () => {
    const id = addGuitar(connection, { name: "Six", usualMidi: STANDARD, frets: 22 });
    pinOn(id);
    updateGuitar(connection, id, guitar);
    expect(byId(id)?.tunedMidi).toEqual(guitar.usualMidi);
    expect(readRig(connection).pins).toEqual([]);
    const {
      id: _,
      tunedMidi: __,
      ...six
    } = { ...byId(id), ...guitar, usualMidi: STANDARD } as Guitar;
    updateGuitar(connection, id, { ...six, strings: six.strings.slice(0, 6) });
    expect(readRig(connection).pins).toHaveLength(1);
  });

  test("a deleted guitar comes back whole, with its pins", () => {
    const id = addGuitar(connection, guitar);
    const six = listGuitars(connection)[0]?.id ?? NaN;
    pinOn(six);
    const before = readRig(connection);
    deleteGuitar(connection, id);
    deleteGuitar(connection, six);
    expect(readRig(connection)).toMatchObject({ pins: [] });
    expect(byId(id)).toBeUndefined();
    restoreGuitar(connection, id);
    restoreGuitar(connection, six);
    expect(readRig(connection)).toEqual(before);
  });

  test("the last guitar stays, and none is made anew after a restart", () => {
    const [first, ...others] = listGuitars(connection);
    for (const { id } of others) deleteGuitar(connection, id);
    expect(() => deleteGuitar(connection, first?.id ?? NaN)).toThrow(/needs one guitar/);
    connection.close();
    connection = openDatabase(folder);
    expect(listGuitars(connection)).toHaveLength(1);
  });

  test("a tuning for other strings cannot hang on it, and nobody changes what is not there", () => {
    const id = addGuitar(connection, guitar);
    expect(() => setTuned(connection, id, STANDARD)).toThrow(/6 strings/);
    expect(() => updateGuitar(connection, 4711, guitar)).toThrow(/no guitar 4711/);
  });

  test("data of the first version keep their guitars, hanging as usual", () => {
    const earlier = mkdtempSync(join(tmpdir(), "tenon-first-"));
    copyFileSync(resolve("migrations/001_first.sql"), join(earlier, "001_first.sql"));
    const old = new Database(":memory:");
    migrate(old, earlier);
    old.exec(
      `INSERT INTO guitar (name, usual_midi, frets, scale_mm, treble_scale_mm, perpendicular_fret,
         nut_mm, bridge_mm, position) VALUES ('Old', '[40,45,50,55,59,64]', 22, 648, 648, 7, 35, 52, 1)`,
    );
    migrate(old, resolve("migrations"));
    expect(listGuitars(old)).toMatchObject([
      { name: "Old", tunedMidi: STANDARD, capo: 0, leftHanded: false, bridge: "fixed" },
    ]);
    expect(listGuitars(old)[0]?.strings).toEqual(Array(6).fill(UNKNOWN_STRING));
    old.close();
    rmSync(earlier, { recursive: true });
  });
});

describe("own tunings and favourites", () => {
  test("kept, renamed, deleted and brought back", () => {
    const id = addOwnTuning(connection, "Quarry", DROP_D);
    renameOwnTuning(connection, id, "Slow Freight");
    expect(listOwnTunings(connection)).toEqual([{ id, name: "Slow Freight", midi: DROP_D }]);
    deleteOwnTuning(connection, id);
    expect(listOwnTunings(connection)).toEqual([]);
    restoreOwnTuning(connection, id);
    expect(listOwnTunings(connection)).toHaveLength(1);
  });

  test("favourites keep the player's order, each once", () => {
    saveFavourites(connection, [DROP_D, STANDARD, DROP_D]);
    expect(listFavourites(connection)).toEqual([DROP_D, STANDARD]);
    saveFavourites(connection, [STANDARD]);
    expect(listFavourites(connection)).toEqual([STANDARD]);
  });
});

describe("the player", () => {
  test("the default until something is saved; then that", () => {
    expect(loadProfile(connection)).toEqual(DEFAULT_PROFILE);
    const small = { ...DEFAULT_PROFILE, spanMm: 128, without: [4 as const], a4Hz: 432 };
    saveProfile(connection, small);
    expect(loadProfile(connection)).toEqual(small);
  });

  test("a profile that nobody can have is not shown", () => {
    saveProfile(connection, { ...DEFAULT_PROFILE, spanMm: 5000 });
    expect(loadProfile(connection)).toEqual(DEFAULT_PROFILE);
  });
});

describe("what comes in is checked", () => {
  test("a good guitar passes unchanged, and so do the demo's", () => {
    expect(validate(guitarSchema, guitar)).toEqual(guitar);
    seedDemo(connection);
    for (const { id: _, tunedMidi: __, ...content } of listGuitars(connection)) {
      expect(validate(guitarSchema, content)).toEqual(content);
    }
  });

  test.each([
    ["no name", { name: " " }, /name/],
    ["no strings", { usualMidi: [], strings: [] }, /at least 4/],
    ["eleven strings", { usualMidi: Array(11).fill(40) }, /usualMidi/],
    ["no frets", { frets: 0 }, /whole number/],
    ["a scale of 50 mm", { scaleMm: 50 }, /300 to 1200 mm/],
    ["a capo beyond the neck", { capo: 30 }, /write a whole number/],
    ["a pitch of 12,000 Hz", { usualMidi: [127, 40, 45, 50, 55, 59, 64] }, /usualMidi\[0\]/],
    ["a bridge nobody built", { bridge: "magnetic" }, /bridge/],
    ["strings that do not match", { strings: guitar.strings.slice(1) }, /same number/],
    [
      "a gauge below nothing",
      { strings: Array(7).fill({ ...UNKNOWN_STRING, diameterMm: -1 }) },
      /diameterMm/,
    ],
    [
      "a guitar without its measures",
      { scaleMm: undefined, usualMidi: undefined },
      /required|scaleMm/,
    ],
  ])("%s is refused", (_, part, reason) => {
    expect(() => validate(guitarSchema, { ...guitar, ...part })).toThrow(reason);
  });

  test.each([
    [{ a4Hz: 419 }],
    [{ spanMm: 20 }],
    [{ without: ["nose"] }],
    [{ school: "none" }],
    [{ limits: { ...DEFAULT_PROFILE.limits, strengthMpa: NaN } }],
    [{ admin: true }],
  ])("a profile with %j is refused", (part) => {
    expect(() => validate(profileSchema, { ...DEFAULT_PROFILE, ...part })).toThrow();
  });

  test("favourites are a list of tunings of bounded length", () => {
    expect(validate(favouritesSchema, [STANDARD])).toEqual([STANDARD]);
    expect(() => validate(favouritesSchema, Array(201).fill(STANDARD))).toThrow();
    expect(() => validate(favouritesSchema, [[40]])).toThrow();
  });
});
