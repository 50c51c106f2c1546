import { copyFileSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";
import { afterEach, beforeEach, describe, expect, test } from "@jest/globals";
import Database from "better-sqlite3";
import { openDatabase } from "./database";
import { addGuitar, listGuitars } from "./guitars";
import { migrate } from "./migrate";
import { addPin, listPins, removePin } from "./pins";
import { choiceSchema, idSchema, pinSchema, validate } from "./schemas";
import { seedDemo } from "./seed";
import { readStart } from "./start";
import { FIRST_CHOICE, type Choice, type PinContent } from "./types";
import { saveChoice } from "./workspace";

const MIGRATIONS = resolve("migrations");
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

const pinFor = (guitarId: number, fret = 3): PinContent => ({
  guitarId,
  tuningMidi: [40, 45, 50, 55, 59, 64],
  root: "G",
  stack: [0, 7, 12],
  leastNotes: null,
  fretting: [fret, fret + 2, fret + 2, null, null, null],
  fingers: [1, 3, 4, 0, 0, 0],
});

const firstGuitar = () => listGuitars(connection)[0]?.id ?? NaN;

describe("the database", () => {
  test("an empty folder gets a plain guitar for six, seven and eight strings, once", () => {
    reopen();
    expect(listGuitars(connection).map(({ usualMidi }) => usualMidi.length)).toEqual([6, 7, 8]);
  });

  test("it keeps its log beside it and holds to its references", () => {
    expect(connection.pragma("journal_mode", { simple: true })).toBe("wal");
    expect(() => addPin(connection, pinFor(999))).toThrow(/FOREIGN KEY/);
  });

  test("migrations lead from every earlier version to the newest, and run once", () => {
    const files = readdirSync(MIGRATIONS).sort();
    for (let version = 0; version < files.length; version++) {
      const earlier = mkdtempSync(join(tmpdir(), "tenon-earlier-"));
      for (const file of files.slice(0, version))
        copyFileSync(join(MIGRATIONS, file), join(earlier, file));
      const database = new Database(":memory:");
      migrate(database, earlier);
      expect(database.pragma("user_version", { simple: true })).toBe(version);
      migrate(database, MIGRATIONS);
      migrate(database, MIGRATIONS);
      expect(database.pragma("user_version", { simple: true })).toBe(files.length);
      database.close();
      rmSync(earlier, { recursive: true });
    }
  });

  test("a migration that fails leaves the data as they were", () => {
    const broken = mkdtempSync(join(tmpdir(), "tenon-broken-"));
    writeFileSync(join(broken, "999_broken.sql"), "DELETE FROM guitar; SELECT no_such_column;");
    expect(() => migrate(connection, broken)).toThrow(/no_such_column/);
    expect(listGuitars(connection)).toHaveLength(3);
    expect(connection.pragma("user_version", { simple: true })).toBe(
      readdirSync(MIGRATIONS).length,
    );
    rmSync(broken, { recursive: true });
  });

  test("data of a newer Tenon are left alone", () => {
    connection.pragma("user_version = 99");
    expect(() => migrate(connection, MIGRATIONS)).toThrow(/newer Tenon/);
  });

  test("two connections can write in turn", () => {
    const other = openDatabase(folder);
    addPin(connection, pinFor(firstGuitar(), 3));
    addPin(other, pinFor(firstGuitar(), 5));
    expect(listPins(connection)).toHaveLength(2);
    other.close();
  });
});

describe("guitars", () => {
  test("a fanned neck comes back as it went in", () => {
    const id = addGuitar(connection, {
      name: "Fan",
      usualMidi: [30, 35, 40, 45, 50, 55, 59, 64],
      frets: 27,
      scaleMm: 711.2,
      trebleScaleMm: 660.4,
      perpendicularFret: 8,
    });
    expect(listGuitars(connection).find((guitar) => guitar.id === id)).toMatchObject({
      name: "Fan",
      frets: 27,
      scaleMm: 711.2,
      trebleScaleMm: 660.4,
      perpendicularFret: 8,
    });
  });

  test("a neck that the core refuses is refused here", () => {
    const guitar = { name: "Toy", usualMidi: [40, 45, 50, 55], frets: 20, scaleMm: 50 };
    expect(() => addGuitar(connection, guitar)).toThrow(/scaleMm/);
  });
});

describe("pins", () => {
  test("a pin is there again after a restart, whole", () => {
    addPin(connection, pinFor(firstGuitar()));
    reopen();
    expect(listPins(connection)).toMatchObject([pinFor(firstGuitar())]);
  });

  test("the same fingering is pinned once; unpinning takes just that one", () => {
    addPin(connection, pinFor(firstGuitar(), 3));
    addPin(connection, pinFor(firstGuitar(), 3));
    addPin(connection, pinFor(firstGuitar(), 5));
    const [first, ...others] = listPins(connection);
    expect(others).toHaveLength(1);
    removePin(connection, first?.id ?? NaN);
    expect(listPins(connection)).toEqual(others);
  });

  test("text that looks like SQL is only text", () => {
    addPin(connection, { ...pinFor(firstGuitar()), root: "'); DROP TABLE pin; --" });
    expect(listPins(connection)[0]?.root).toBe("'); DROP TABLE pin; --");
  });
});

describe("where the player left off", () => {
  const choiceFor = (guitarId: number): Choice => ({
    ...FIRST_CHOICE,
    guitarId,
    tuningMidi: [38, 45, 50, 55, 59, 64],
    root: "Bb",
    stack: [-5, 0],
    labels: "note",
    theme: "dark",
    chosen: { fretting: [3, 3, null, null, null, null], fingers: [1, 1, 0, 0, 0, 0] },
    comparison: null,
  });

  test("it is there again after a restart", () => {
    saveChoice(connection, choiceFor(firstGuitar()));
    saveChoice(connection, { ...choiceFor(firstGuitar()), root: "C" });
    reopen();
    expect(readStart(connection).choice).toEqual({ ...choiceFor(firstGuitar()), root: "C" });
  });

  test("without one, the first guitar hangs as usual", () => {
    const {
      choice,
      rig: { guitars },
    } = readStart(connection);
    expect(choice).toMatchObject({ guitarId: guitars[0].id, tuningMidi: guitars[0].usualMidi });
  });

  test.each([
    ["a guitar that is gone", { guitarId: 4711 }],
    ["a tuning for another guitar", { tuningMidi: [28, 33, 38, 43] }],
  ])("%s is not shown; the first guitar hangs as it does", (_, part) => {
    saveChoice(connection, { ...choiceFor(firstGuitar()), ...part } as Choice);
    expect(readStart(connection).choice.tuningMidi).toEqual([40, 45, 50, 55, 59, 64]);
  });
});

describe("the demo data", () => {
  test("guitars of 6, 7 and 8 strings, pins, and a choice that fits", () => {
    seedDemo(connection);
    const {
      rig: { guitars, pins },
      choice,
    } = readStart(connection);
    expect(guitars.map(({ name }) => name)).toEqual(["Ash six", "Long seven", "Baritone eight"]);
    expect(pins).toHaveLength(2);
    expect(choice).toMatchObject({ root: "C", tuningMidi: [38, 45, 50, 55, 59, 64] });
    for (const { id, ...content } of pins) {
      expect(id).toBeGreaterThan(0);
      expect(validate(pinSchema, content)).toEqual(content);
    }
  });
});

describe("what comes in is checked", () => {
  const good = pinFor(1);

  test("a good pin passes unchanged", () => expect(validate(pinSchema, good)).toEqual(good));

  test.each([
    ["a root that is no note", { ...good, root: "H" }, /root/],
    ["a fret off the neck", { ...good, fretting: [99, 5, 5, null, null, null] }, /fretting\[0\]/],
    ["a sixth finger", { ...good, fingers: [6, 0, 0, 0, 0, 0] }, /fingers\[0\]/],
    ["too few strings", { ...good, fretting: [1, 2, 3, 4] }, /same number/],
    [
      "a pitch no string has",
      { ...good, tuningMidi: [400, 45, 50, 55, 59, 64] },
      /tuningMidi\[0\]/,
    ],
    ["numbers as text", { ...good, guitarId: "1" }, /guitarId/],
    ["unknown parts", { ...good, admin: true }, /unspecified|unknown/],
    ["nothing", null, /./],
  ])("%s is refused", (_, input, reason) => {
    expect(() => validate(pinSchema, input)).toThrow(reason);
  });

  test("ids are whole and positive", () => {
    for (const id of [0, -1, 1.5, "1", null]) expect(() => validate(idSchema, id)).toThrow();
  });

  test("a choice without its parts is refused", () => {
    expect(() => validate(choiceSchema, { root: "C" })).toThrow();
  });
});
