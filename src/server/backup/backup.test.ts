import { mkdtempSync, readdirSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, test } from "@jest/globals";
import Database from "better-sqlite3";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { dataFile, openDatabase } from "@/server/database";
import { seedDemo } from "@/server/seed";
import { countsOf } from "./everything";
import { checkBackup, restoreBackup } from "./restoreBackup";
import { backupBytes, exportText, backupFacts } from "./writeBackup";

const NOW = new Date("2026-11-27T10:00:00Z");
let folder: string;
let connection: Database.Database;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-test-"));
  connection = openDatabase(folder);
  seedDemo(connection);
});
afterEach(() => {
  connection.close();
  rmSync(folder, { recursive: true, force: true });
});

/** A folder of its own with one guitar and nothing else. */
function withAnother<T>(work: (other: string) => T): T {
  const other = mkdtempSync(join(tmpdir(), "tenon-test-"));
  try {
    openDatabase(other).close();
    return work(other);
  } finally {
    rmSync(other, { recursive: true, force: true });
  }
}
const countsIn = (of: string) => {
  const opened = openDatabase(of);
  try {
    return countsOf(opened);
  } finally {
    opened.close();
  }
};
const why = (bytes: Uint8Array) =>
  withAnother((other) => {
    const before = countsIn(other);
    const restored = restoreBackup(bytes, other);
    // Whatever was wrong, the data are as they were, and nothing half-done lies about.
    expect(countsIn(other)).toEqual(before);
    expect(readdirSync(other).filter((name) => name.includes("restoring"))).toEqual([]);
    return restored.ok ? "" : restored.problem.message;
  });

describe("everything in one file", () => {
  test("holds all that is there, as JSON and as the file itself", () => {
    const files = unzipSync(backupBytes(connection, NOW));
    const json = JSON.parse(strFromU8(files["tenon.json"] ?? new Uint8Array())) as {
      readonly version: number;
      readonly songs: readonly { readonly name: string; readonly chart: string }[];
      readonly rounds: readonly unknown[];
    };
    const counts = countsOf(connection);
    expect(json.version).toBe(2);
    expect(json.songs).toHaveLength(counts.songs);
    expect(json.songs[0]?.chart).toContain("|");
    expect(json.rounds).toHaveLength(counts.rounds);
    expect(JSON.parse(exportText(connection, NOW))).toMatchObject({ songs: json.songs });
  });

  test("of an earlier version is restored too", () => {
    const files = unzipSync(backupBytes(connection, NOW));
    const json = JSON.parse(strFromU8(files["tenon.json"] ?? new Uint8Array())) as object;
    const older = zipSync({
      ...files,
      "tenon.json": strToU8(JSON.stringify({ ...json, version: 1 })),
    });
    withAnother((other) => {
      expect(restoreBackup(older, other).ok).toBe(true);
      expect(countsIn(other)).toEqual(countsOf(connection));
    });
  });

  test("is restored in another folder, and what lay there is kept beside it", () => {
    const bytes = backupBytes(connection, NOW);
    withAnother((other) => {
      expect(checkBackup(bytes, other)).toEqual({
        ok: true,
        value: { madeAt: NOW.toISOString(), counts: countsOf(connection) },
      });
      expect(countsIn(other).songs).toBe(0);
      expect(restoreBackup(bytes, other).ok).toBe(true);
      expect(countsIn(other)).toEqual(countsOf(connection));
      const aside = readdirSync(other).find((name) => /\.aside-[^-]*-.*Z$/.test(name)) ?? "";
      const before = new Database(join(other, aside), { readonly: true });
      expect(before.prepare("SELECT count(*) FROM song").pluck().get()).toBe(0);
      before.close();
    });
  });
});

describe("what is no whole backup is refused with the reason, and nothing is changed", () => {
  test("half of one, another zip, a changed file", () => {
    const bytes = backupBytes(connection, NOW);
    expect(why(bytes.subarray(0, bytes.length / 2))).toMatch(/no whole backup/);
    expect(why(new TextEncoder().encode("no zip at all"))).toMatch(/tenon.sqlite|tenon.json/);
    const files = unzipSync(bytes);
    const { "tenon.json": json = new Uint8Array() } = files;
    expect(why(zipSync({ "tenon.json": json }))).toMatch(/tenon\.sqlite is not in it/);
    const changed = Uint8Array.from(files["tenon.sqlite"] ?? []);
    changed[5000] = (changed[5000] ?? 0) ^ 1;
    expect(why(zipSync({ ...files, "tenon.sqlite": changed }))).toMatch(/damaged/);
  });

  test("an empty database, and one that another program made", () => {
    const { "tenon.json": json = new Uint8Array() } = unzipSync(backupBytes(connection, NOW));
    const facts = JSON.parse(strFromU8(json)) as object;
    for (const statement of [
      "VACUUM",
      "CREATE TABLE guitar (name TEXT)",
      "PRAGMA user_version = 7",
    ]) {
      const foreign = new Database(":memory:");
      foreign.exec(statement);
      const file = foreign.serialize();
      foreign.close();
      const said = strToU8(JSON.stringify({ ...facts, file: backupFacts(file) }));
      expect(why(zipSync({ "tenon.json": said, "tenon.sqlite": file }))).toMatch(
        /holds no data of Tenon/,
      );
    }
  });

  test("a newer version's, by what it says and by its data", () => {
    const files = unzipSync(backupBytes(connection, NOW));
    const json = JSON.parse(strFromU8(files["tenon.json"] ?? new Uint8Array())) as object;
    const newer = strToU8(JSON.stringify({ ...json, version: 99 }));
    expect(why(zipSync({ ...files, "tenon.json": newer }))).toMatch(/newer Tenon made this backup/);
    withAnother((other) => {
      const later = new Database(dataFile(other));
      later.pragma("user_version = 999");
      later.pragma("journal_mode = DELETE");
      const file = later.serialize();
      later.close();
      const said = strToU8(JSON.stringify({ ...json, file: backupFacts(file) }));
      expect(why(zipSync({ "tenon.json": said, "tenon.sqlite": file }))).toMatch(
        /newer Tenon saved these data/,
      );
    });
  });
});
