import { existsSync, statSync } from "node:fs";
import Database from "better-sqlite3";
import { DataTrouble, isDamage } from "./trouble";
import { dataFile } from "./folder";

const WAIT_MS = 20;

interface Mark {
  readonly identity: string;
  readonly revision: number;
}

/**
 * Looks whether somebody wrote over the file that a connection has open, as `cp` does, which leaves the file its place
 * and the engine its memory of the old one. Throws `DataTrouble` where it is not what the connection takes it for.
 */
export function lookForOverwriting(connection: Database.Database, folder: string): void {
  const file = dataFile(folder);
  const before = ownMark(connection);
  // Never through a file handle of our own: closing it would let go of the engine's locks (sqlite.org/howtocorrupt.html, 2.2).
  const fresh = lookAt(file, folder);
  const after = ownMark(connection);
  if (!before || !after || !goesOn(before, fresh, after)) {
    throw new DataTrouble("replaced", folder);
  }
}

/** Another program that writes through the engine meanwhile only counts on, or begins other data, as seeding does. */
function goesOn(before: Mark, fresh: Mark, after: Mark): boolean {
  if (fresh.identity === before.identity) return fresh.revision >= before.revision;
  return before.identity !== after.identity && fresh.identity === after.identity;
}

/** What a connection takes the data for; null where it stumbles over pages that are not its own. */
function ownMark(connection: Database.Database): Mark | null {
  try {
    return markIn(connection);
  } catch (error) {
    if (isDamage(error)) return null;
    throw error;
  }
}

/** When a file was last written to, in ms; 0 where there is none. */
export function writtenAt(file: string): number {
  return statSync(file, { throwIfNoEntry: false })?.mtimeMs ?? 0;
}

function lookAt(file: string, folder: string): Mark {
  try {
    const connection = new Database(file, {
      readonly: true,
      fileMustExist: true,
      // A process that holds the lock for longer is writing through SQLite; pages must not wait for it here.
      timeout: WAIT_MS,
    });
    try {
      const expected =
        Number(connection.pragma("page_count", { simple: true })) *
        Number(connection.pragma("page_size", { simple: true }));
      const { size } = statSync(file);
      const hasLog = existsSync(`${file}-wal`) && statSync(`${file}-wal`).size > 0;
      if (size < expected && !hasLog) {
        throw new DataTrouble("cut", folder, `${size} of ${expected} bytes are left`);
      }
      return markIn(connection);
    } finally {
      connection.close();
    }
  } catch (error) {
    if (isDamage(error)) throw new DataTrouble("garbage", folder);
    throw error;
  }
}

/** The identity of the data, and how many changes they have seen. */
export function markIn(connection: Database.Database): Mark {
  return connection.prepare("SELECT identity, revision FROM data WHERE id = 1").get() as Mark;
}
