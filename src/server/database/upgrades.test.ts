import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, test } from "@jest/globals";
import Database from "better-sqlite3";
import { openDatabase } from "@/server/database";
import { readStart } from "@/server/choice";
import { shownPins } from "@/wire";
import { newestGoodCopy, listCopies } from "./copies";
import { migrate, newestVersion, versionOf } from "./migrate";
import { migrationsFolder } from "./open";

/** Data files as each version of Tenon wrote them, from its own code, with something deleted in each. */
const VERSIONS = ["v1", "v2", "v3", "v4-first", "v4", "v5", "v6"] as const;
type Row = Readonly<Record<string, unknown>>;

let folder = "";
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-upgrade-"));
});
afterEach(() => rmSync(folder, { recursive: true }));

/** Puts a data file of a version into the folder; answers its rows as they were. */
function putVersion(version: string): (table: string) => readonly Row[] | null {
  const file = join(folder, "tenon.sqlite");
  const old = new Database(file);
  old.exec(readFileSync(join(__dirname, "versions", `${version}.sql`), "utf8"));
  const tables = old
    .prepare("SELECT name FROM sqlite_schema WHERE type = 'table'")
    .pluck()
    .all() as string[];
  const rows = new Map(
    tables.map((table) => [table, old.prepare(`SELECT * FROM "${table}"`).all() as Row[]]),
  );
  old.close();
  return (table) => rows.get(table) ?? null;
}

/** Where the rows of a table went, and what their columns are called now. */
const MOVED: Readonly<Record<string, readonly [table: string, columns: Row]>> = {
  guitar: ["guitar", {}],
  pin: ["pin", {}],
  own_tuning: ["own_tuning", {}],
  own_stack: ["own_stack", {}],
  comparison: ["comparison", {}],
  favourite_tuning: ["favourite", {}],
  player: ["player", {}],
  favourite: ["favourite", {}],
  workspace: ["choice", { id: "player_id", choice: "content" }],
  choice: ["choice", {}],
  song: ["song", {}],
};

describe.each(VERSIONS)("a data file of %s", (version) => {
  test("keeps every row and every value", () => {
    const before = putVersion(version);
    const connection = openDatabase(folder);
    for (const [table, [now, columns]] of Object.entries(MOVED)) {
      const order = now === "choice" ? "player_id" : "id";
      const rows = connection.prepare(`SELECT * FROM ${now} ORDER BY ${order}`).all() as Row[];
      const old = before(table);
      // A version before or after has it under another name.
      if (!old) continue;
      const expected = old.map((row) =>
        Object.fromEntries(
          Object.entries(row).map(([name, value]) => [columns[name] ?? name, value]),
        ),
      );
      const isEmptyPlayer = table === "player" && expected.length === 0;
      expect(isEmptyPlayer ? [] : rows).toMatchObject(expected);
      if (!isEmptyPlayer) expect(rows).toHaveLength(expected.length);
    }
    expect(versionOf(connection)).toBe(newestVersion(migrationsFolder()));
    expect(connection.pragma("foreign_key_check")).toEqual([]);
    expect(connection.pragma("integrity_check", { simple: true })).toBe("ok");
    connection.close();
  });

  test("opens on what it showed, with a whole copy of what it was beside it", () => {
    putVersion(version);
    const connection = openDatabase(folder);
    const { rig, choice, problems } = readStart(connection);
    connection.close();
    expect(problems).toEqual([]);
    expect(choice).toMatchObject({ root: "C", tuningMidi: [38, 45, 50, 55, 59, 64] });
    expect(rig.guitars[0]).toMatchObject({ name: "Ash six", scaleMm: 648 });
    expect(shownPins(rig)).toHaveLength(2);
    if (version === "v1" || version === "v2") {
      expect(choice.comparison?.columns).toMatchObject([
        { midi: [38, 45, 50, 55, 59, 64] },
        { midi: [40, 45, 50, 55, 59, 64] },
      ]);
    }
    if (version !== "v1") {
      expect(rig.profile).toMatchObject({ spanMm: 172, a4Hz: 442, school: "ring barre" });
      expect(rig.guitars.map(({ name }) => name)).not.toContain("Baritone eight");
      expect(rig.favourites).toHaveLength(4);
    }
    const copies = listCopies(folder);
    expect(copies.map(({ reason }) => reason)).toEqual(["before-upgrade"]);
    const copy = new Database(copies[0]?.path ?? "", { readonly: true });
    expect(versionOf(copy)).toBe(Number(version[1]));
    copy.close();
  });
});

describe("an upgrade", () => {
  /** Migrations with a last step of the test's own. */
  const withStep = (sql: string) => {
    const steps = join(folder, "steps");
    mkdirSync(steps);
    writeFileSync(join(steps, "999_wrong.sql"), sql);
    return steps;
  };

  test.each([
    ["fails", "DELETE FROM own_tuning; SELECT no_such_column;", /no_such_column/],
    ["leaves a pin without its guitar", "DELETE FROM guitar;", /leaves \d broken references/],
  ])("that %s leaves the data as they were", (_, sql, message) => {
    putVersion("v4");
    const connection = openDatabase(folder);
    const dump = () =>
      ["guitar", "pin", "own_tuning"].map((table) =>
        connection.prepare(`SELECT * FROM ${table}`).all(),
      );
    const [before, version] = [dump(), versionOf(connection)];
    expect(() => migrate(connection, withStep(sql))).toThrow(message);
    expect(dump()).toEqual(before);
    expect(versionOf(connection)).toBe(version);
    // And the references hold again.
    expect(connection.pragma("foreign_keys", { simple: true })).toBe(1);
    connection.close();
  });

  test("that rebuilds a table keeps what refers to it", () => {
    putVersion("v4");
    const connection = openDatabase(folder);
    const pins = connection.prepare("SELECT * FROM pin").all();
    migrate(
      connection,
      withStep(
        `CREATE TABLE new_guitar (id INTEGER PRIMARY KEY, name TEXT) STRICT;
         INSERT INTO new_guitar SELECT id, name FROM guitar;
         DROP TABLE guitar; ALTER TABLE new_guitar RENAME TO guitar;`,
      ),
    );
    expect(connection.prepare("SELECT * FROM pin").all()).toEqual(pins);
    connection.close();
  });

  test("runs once", () => {
    putVersion("v2");
    openDatabase(folder).close();
    openDatabase(folder).close();
    expect(listCopies(folder)).toHaveLength(1);
  });

  test("of data from a newer Tenon is not tried", () => {
    putVersion("v4");
    const newer = new Database(join(folder, "tenon.sqlite"));
    newer.pragma("user_version = 99");
    newer.close();
    expect(() => openDatabase(folder)).toThrow(expect.objectContaining({ kind: "newer" }));
  });

  test("keeps the last three copies, and offers the newest good one", () => {
    const old = (stamp: string, text: string) => {
      mkdirSync(join(folder, "copies"), { recursive: true });
      writeFileSync(join(folder, "copies", `tenon-2020-01-0${stamp}-before-upgrade.sqlite`), text);
    };
    for (const day of ["1", "2", "3"]) old(`${day}T10-00-00-000`, "no data");
    putVersion("v4");
    openDatabase(folder).close();
    const copies = listCopies(folder);
    expect(copies).toHaveLength(3);
    expect(copies.at(-1)?.madeAt).toBe("2020-01-02T10:00:00.000Z");
    // What is deleted does not count.
    expect(newestGoodCopy(folder, 99)).toMatchObject({ guitars: 2, pins: 3, comparisons: 1 });
    // Copies of a newer Tenon, and what is no data at all, are passed over.
    expect(newestGoodCopy(folder, 1)).toBeNull();
  });
});
