import { execFileSync } from "node:child_process";
import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import Database from "better-sqlite3";
import { dataMark, makeChanges } from "@/server/changes";
import { type Act } from "@/wire";
import { rigOf } from "../testing";
import { takeLock } from "./lock";
import { openDatabase } from "./open";
import { restoreCopy } from "./restore";
import { close, recordMade, served, takeWhatIsThere } from "./served";
import { write } from "./write";

let folder = "";
const before = process.env.TENON_DATA;
const file = () => join(folder, "tenon.sqlite");

// What goes wrong is logged with its cause.
const log = jest.spyOn(console, "error").mockImplementation(() => undefined);
afterAll(() => log.mockRestore());

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-served-"));
  process.env.TENON_DATA = folder;
});

afterEach(() => {
  takeWhatIsThere({ afresh: false });
  process.env.TENON_DATA = before;
  rmSync(folder, { recursive: true, force: true });
});

/** As another program copies: in this one, closing the file would let go of the engine's locks. */
const copyFrom = (source: string, target: string) => execFileSync("cp", [source, target]);

let count = 0;
const rename = (name: string): Promise<number> =>
  write((connection) => {
    const act: Act = { act: "set", kind: "guitar", id: 1, fields: { name } };
    makeChanges(connection, [{ ...act, key: `served-${++count}` }]);
    const mark = dataMark(connection);
    recordMade([{ ...mark, at: new Date().toISOString(), what: "set guitar" }]);
    return mark.revision;
  });
/** As when the server ends and is started again. */
const end = () => takeWhatIsThere({ afresh: false });
const nameOf = () => rigOf(served().connection).guitars[0].name;
const kindOf = (work: () => unknown): string => {
  try {
    work();
    return "none";
  } catch (error) {
    return error instanceof Error && "kind" in error ? String(error.kind) : String(error);
  }
};

describe("one server has the folder", () => {
  test("a second one is refused, until the first lets go", () => {
    served();
    expect(takeLock(folder, "http://other")).toBeNull();
    close();
    const lock = takeLock(folder, "http://other");
    expect(lock).not.toBeNull();
    // This process is another server now, as far as the lock knows.
    expect(kindOf(served)).toBe("in use");
    lock?.release();
    expect(kindOf(served)).toBe("none");
  });
});

test("a folder that another server has is not gone back in", () => {
  served();
  close();
  const lock = takeLock(folder, "http://other");
  const [copy = ""] = readdirSync(join(folder, "copies"));
  expect(() => restoreCopy(copy)).toThrow(/Another Tenon/);
  lock?.release();
  restoreCopy(copy);
  expect(kindOf(served)).toBe("none");
});

describe("the file", () => {
  test("alone is whole once the server has ended", async () => {
    await rename("Kept");
    close();
    const copy = join(folder, "elsewhere.sqlite");
    copyFileSync(file(), copy);
    const connection = new Database(copy);
    expect(connection.prepare("SELECT name FROM guitar WHERE id = 1").pluck().get()).toBe("Kept");
    connection.close();
  });

  test("that is deleted while it runs takes nothing more", async () => {
    await rename("Before");
    const away = `${folder}-away`;
    renameSync(folder, away);
    await expect(rename("Into nothing")).rejects.toMatchObject({ kind: "gone" });
    expect(kindOf(served)).toBe("gone");
    renameSync(away, folder);
    expect(nameOf()).toBe("Before");
  });

  test("that is deleted between the write and its answer is not acknowledged", async () => {
    await rename("Before");
    const work = write((connection) => {
      connection.prepare("UPDATE guitar SET name = 'Into nothing' WHERE id = 1").run();
      rmSync(folder, { recursive: true });
    });
    await expect(work).rejects.toMatchObject({ kind: "gone" });
  });

  test("that is written over in its place is told from the one that was open", async () => {
    await rename("Old");
    served().connection.pragma("wal_checkpoint(TRUNCATE)");
    const copy = join(folder, "tenon.copy.sqlite");
    copyFrom(file(), copy);
    await rename("New");
    served().connection.pragma("wal_checkpoint(TRUNCATE)");
    copyFrom(copy, file());
    expect(kindOf(served)).toBe("replaced");
    await expect(rename("Into the wrong one")).rejects.toMatchObject({ kind: "replaced" });
    takeWhatIsThere({ afresh: false });
    expect(nameOf()).toBe("Old");
  });

  test("that is written over by a smaller one is told too, though the engine stumbles over it", async () => {
    served();
    served().connection.pragma("wal_checkpoint(TRUNCATE)");
    const copy = join(folder, "tenon.copy.sqlite");
    copyFrom(file(), copy);
    await write((connection) => {
      const fill = connection.prepare("INSERT INTO own_tuning (name, midi) VALUES ('x', ?)");
      for (let row = 0; row < 3000; row++) fill.run(`[40, ${row}]`);
      connection.exec("UPDATE data SET revision = revision + 1");
    });
    served().connection.pragma("wal_checkpoint(TRUNCATE)");
    copyFrom(copy, file());
    expect(kindOf(served)).toBe("replaced");
    expect(kindOf(served)).toBe("replaced");
  });

  test("that turns into something else while it runs is told to be garbage", async () => {
    await rename("Before");
    served().connection.pragma("wal_checkpoint(TRUNCATE)");
    const other = join(folder, "tenon.other");
    writeFileSync(other, "no database ".repeat(9000));
    copyFrom(other, file());
    expect(kindOf(served)).toBe("garbage");
    expect(kindOf(served)).toBe("garbage");
  });

  test("that another program writes to through the engine goes on", async () => {
    await rename("Mine");
    const other = openDatabase(folder);
    makeChanges(other, [
      { act: "set", kind: "guitar", id: 1, fields: { name: "Theirs" }, key: "other-program" },
    ]);
    other.pragma("wal_checkpoint(TRUNCATE)");
    other.close();
    expect(nameOf()).toBe("Theirs");
    await rename("Mine again");
    expect(nameOf()).toBe("Mine again");
  });

  test("that is replaced while it runs is taken when the player says so", async () => {
    await rename("Before");
    const other = mkdtempSync(join(tmpdir(), "tenon-other-"));
    openDatabase(other).close();
    renameSync(folder, `${folder}-old`);
    renameSync(other, folder);
    expect(kindOf(served)).toBe("replaced");
    await expect(rename("Into the wrong one")).rejects.toMatchObject({ kind: "replaced" });
    takeWhatIsThere({ afresh: false });
    expect(nameOf()).toBe("Six strings");
    rmSync(`${folder}-old`, { recursive: true });
  });

  test.each([
    ["garbage", "garbage", () => writeFileSync(file(), "Dear diary, ".repeat(900))],
    ["cut in the middle", "cut", () => truncateSync(file(), 8192)],
    ["cut to nothing", "cut", () => truncateSync(file(), 0)],
    ["missing", "missing", () => rmSync(file())],
    ["damaged inside", "damaged", () => scribble(file())],
    ["of a newer Tenon", "newer", () => setVersion(99)],
  ])("that is %s says so, and a copy brings it back", async (_, kind, damage) => {
    await rename("Good");
    end();
    rmSync(join(folder, "copies"), { recursive: true });
    served();
    end();
    damage();
    expect(kindOf(served)).toBe(kind);
    // Asked again, it says the same.
    expect(kindOf(served)).toBe(kind);
    const [copy = ""] = readdirSync(join(folder, "copies"));
    restoreCopy(copy);
    expect(nameOf()).toBe("Good");
    // What was there is kept beside it.
    const isAside = readdirSync(folder).some((name) => name.startsWith("tenon.sqlite.aside-"));
    expect(isAside).toBe(kind !== "missing");
  });

  test("missing may also begin anew", async () => {
    await rename("Good");
    end();
    rmSync(file());
    expect(kindOf(served)).toBe("missing");
    takeWhatIsThere({ afresh: true });
    expect(nameOf()).toBe("Six strings");
  });

  test("whose log was cut says what is lost, and shows the rest", async () => {
    served();
    close();
    for (const name of ["One", "Two", "Three"]) await rename(name);
    const log = readFileSync(`${file()}-wal`);
    const whole = readFileSync(file());
    const record = readFileSync(join(folder, "tenon-record.jsonl"));
    end();
    // As after a crash, with the end of the log gone.
    writeFileSync(file(), whole);
    writeFileSync(`${file()}-wal`, log.subarray(0, log.length - 5000));
    writeFileSync(join(folder, "tenon-record.jsonl"), record);
    const { notes } = served();
    expect(notes).toEqual([expect.stringMatching(/saved changes? (is|are) missing.*set guitar/)]);
    expect(["One", "Two"]).toContain(nameOf());
    expect(readdirSync(folder).some((name) => name.startsWith("tenon-lost-"))).toBe(true);
    close();
    // Said once.
    expect(served().notes).toEqual([]);
  });
});

describe("a lock that another process holds", () => {
  test("never keeps a page waiting, and a write waits for it to end", async () => {
    await rename("Before");
    const other = new Database(file());
    other.exec("BEGIN IMMEDIATE");
    const startedAt = Date.now();
    expect(nameOf()).toBe("Before");
    expect(Date.now() - startedAt).toBeLessThan(1000);
    const waiting = rename("After");
    setTimeout(() => other.exec("COMMIT"), 300);
    await waiting;
    expect(nameOf()).toBe("After");
    other.exec("BEGIN IMMEDIATE");
    await expect(rename("Never")).rejects.toMatchObject({ field: "locked" });
    other.close();
  }, 30_000);
});

describe("other data in the place of those that pages know", () => {
  const identity = () => dataMark(served().connection).identity;

  test("a restored copy begins a history of its own", async () => {
    const first = identity();
    const [copy] = readdirSync(join(folder, "copies"));
    await rename("Later");
    restoreCopy(copy ?? "");
    expect(nameOf()).not.toBe("Later");
    expect(identity()).not.toBe(first);
  });

  test("so does an older file that was put there while Tenon was off", async () => {
    const first = identity();
    end();
    copyFrom(file(), `${file()}.old`);
    await rename("Later");
    end();
    renameSync(`${file()}.old`, file());
    expect(identity()).not.toBe(first);
    expect(served().notes).toHaveLength(1);
  });

  test("and so does one that was put there while Tenon was on, once the player takes it", () => {
    const first = identity();
    const other = mkdtempSync(join(tmpdir(), "tenon-served-"));
    openDatabase(other).close();
    renameSync(join(other, "tenon.sqlite"), file());
    rmSync(other, { recursive: true, force: true });
    expect(kindOf(served)).toBe("replaced");
    takeWhatIsThere({ afresh: false });
    expect(identity()).not.toBe(first);
  });

  test("data that are only closed and opened go on as they are", () => {
    const first = identity();
    end();
    expect(identity()).toBe(first);
  });
});

test("a copy that was made while the clock was ahead does not stop today's", () => {
  served();
  const copies = join(folder, "copies");
  const [today = ""] = readdirSync(copies);
  renameSync(join(copies, today), join(copies, "tenon-2199-01-01T00-00-00-000-daily.sqlite"));
  end();
  served();
  expect(readdirSync(copies)).toHaveLength(2);
});

test("a full disk is said to be full", () => {
  served().connection.pragma("max_page_count = 1");
  const { connection } = served();
  const fill = connection.prepare("INSERT INTO own_tuning (name, midi) VALUES (?, '[40]')");
  const work = write(() => {
    for (let round = 0; round < 5000; round++) fill.run(`${round} ${"x".repeat(40)}`);
  });
  return expect(work).rejects.toMatchObject({ field: "full" });
});

function scribble(path: string): void {
  const bytes = readFileSync(path);
  // Past the first page, which holds the schema.
  bytes.fill(0x5a, 4096, bytes.length - 4096);
  writeFileSync(path, bytes);
  if (existsSync(`${path}-wal`)) rmSync(`${path}-wal`);
}

function setVersion(version: number): void {
  const connection = new Database(file());
  connection.pragma(`user_version = ${version}`);
  connection.close();
}
