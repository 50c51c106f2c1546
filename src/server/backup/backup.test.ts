import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, test } from "@jest/globals";
import Database from "better-sqlite3";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { dataFile, openDatabase } from "@/server/database";
import { seedDemo } from "@/server/seed";
import { countsOf } from "./everything";
import { checkBackup, restoreBackup } from "./restoreBackup";
import { factsOf, writeBackup, writeJson } from "./writeBackup";

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

/** A path in a folder that is empty but for a file of these bytes. */
function inFile(bytes: Uint8Array = new Uint8Array()): string {
  const path = join(mkdtempSync(join(folder, "work-")), "file");
  writeFileSync(path, bytes);
  return path;
}
async function written(write: typeof writeBackup): Promise<Buffer> {
  const path = inFile();
  await write({ connection, path, now: NOW, folder: mkdtempSync(join(folder, "work-")) });
  return readFileSync(path);
}
const backupBytes = () => written(writeBackup);
/** A folder of its own with one guitar and nothing else. */
async function withAnother<T>(work: (other: string) => Promise<T>): Promise<T> {
  const other = mkdtempSync(join(tmpdir(), "tenon-test-"));
  try {
    openDatabase(other).close();
    return await work(other);
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
  withAnother(async (other) => {
    const before = countsIn(other);
    const restored = await restoreBackup(inFile(bytes), other);
    // Whatever was wrong, the data are as they were, and nothing half-done lies about.
    expect(countsIn(other)).toEqual(before);
    expect(readdirSync(other).filter((name) => name.includes("restoring"))).toEqual([]);
    return restored.ok ? "" : restored.problem.message;
  });

describe("everything in one file", () => {
  test("holds all that is there, as JSON and as the file itself", async () => {
    const files = unzipSync(await backupBytes());
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
    expect(JSON.parse((await written(writeJson)).toString())).toMatchObject({ songs: json.songs });
  });

  test("of an earlier version is restored too", async () => {
    const { "tenon-backup.json": _about, ...files } = unzipSync(await backupBytes());
    const json = JSON.parse(strFromU8(files["tenon.json"] ?? new Uint8Array())) as object;
    const older = zipSync({
      ...files,
      "tenon.json": strToU8(JSON.stringify({ ...json, version: 1 })),
    });
    await withAnother(async (other) => {
      expect((await restoreBackup(inFile(older), other)).ok).toBe(true);
      expect(countsIn(other)).toEqual(countsOf(connection));
    });
  });

  test("is restored in another folder, and what lay there is kept beside it", async () => {
    const bytes = await backupBytes();
    await withAnother(async (other) => {
      expect(await checkBackup(inFile(bytes), other)).toEqual({
        ok: true,
        value: { madeAt: NOW.toISOString(), counts: countsOf(connection) },
      });
      expect(countsIn(other).songs).toBe(0);
      expect((await restoreBackup(inFile(bytes), other)).ok).toBe(true);
      expect(countsIn(other)).toEqual(countsOf(connection));
      const aside = readdirSync(other).find((name) => /\.aside-[^-]*-.*Z$/.test(name)) ?? "";
      const before = new Database(join(other, aside), { readonly: true });
      expect(before.prepare("SELECT count(*) FROM song").pluck().get()).toBe(0);
      before.close();
    });
  });
});

describe("what is no whole backup is refused with the reason, and nothing is changed", () => {
  test("half of one, another zip, a changed file", async () => {
    const bytes = await backupBytes();
    expect(await why(bytes.subarray(0, bytes.length / 2))).toMatch(/no whole backup/);
    expect(await why(new TextEncoder().encode("no zip at all"))).toMatch(
      /no whole backup.*not a zip file/,
    );
    const files = unzipSync(bytes);
    const { "tenon.json": json = new Uint8Array() } = files;
    expect(await why(zipSync({ "tenon.json": json }))).toMatch(/tenon\.sqlite is not in it/);
    const changed = Uint8Array.from(files["tenon.sqlite"] ?? []);
    changed[5000] = (changed[5000] ?? 0) ^ 1;
    expect(await why(zipSync({ ...files, "tenon.sqlite": changed }))).toMatch(/damaged/);
  });

  test("an empty database, and one that another program made", async () => {
    const { "tenon.json": json = new Uint8Array() } = unzipSync(await backupBytes());
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
      const said = strToU8(JSON.stringify({ ...facts, file: await factsOf(inFile(file)) }));
      expect(await why(zipSync({ "tenon.json": said, "tenon.sqlite": file }))).toMatch(
        /holds no data of Tenon/,
      );
    }
  });

  test("a newer version's, by what it says and by its data", async () => {
    const files = unzipSync(await backupBytes());
    const json = JSON.parse(strFromU8(files["tenon.json"] ?? new Uint8Array())) as object;
    const newer = strToU8(JSON.stringify({ ...json, version: 99 }));
    for (const about of ["tenon-backup.json", "tenon.json"]) {
      const { "tenon-backup.json": _about, ...others } = files;
      const bytes = zipSync({ ...others, [about]: newer });
      expect(await why(bytes)).toMatch(/newer Tenon made this backup/);
    }
    await withAnother(async (other) => {
      const later = new Database(dataFile(other));
      later.pragma("user_version = 999");
      later.pragma("journal_mode = DELETE");
      const file = later.serialize();
      later.close();
      const said = strToU8(JSON.stringify({ ...json, file: await factsOf(inFile(file)) }));
      expect(await why(zipSync({ "tenon.json": said, "tenon.sqlite": file }))).toMatch(
        /newer Tenon saved these data/,
      );
    });
  });
});
