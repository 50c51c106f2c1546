import { existsSync, statSync } from "node:fs";
import Database from "better-sqlite3";
import { DataTrouble, isDamage } from "./trouble";
import { dataFile } from "./folder";

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
  const own = markIn(connection);
  // Never through a file handle of our own: closing it would let go of the engine's locks (sqlite.org/howtocorrupt.html, 2.2).
  const fresh = lookAt(file, folder);
  // Meanwhile another program may have written through the engine, which only counts on.
  if (fresh.identity !== own.identity && fresh.identity !== markIn(connection).identity) {
    throw new DataTrouble("replaced", folder);
  }
  if (fresh.identity === own.identity && fresh.revision < own.revision) {
    throw new DataTrouble("replaced", folder);
  }
}

/** When a file was last written to, in ms; 0 where there is none. */
export function writtenAt(file: string): number {
  return statSync(file, { throwIfNoEntry: false })?.mtimeMs ?? 0;
}

function lookAt(file: string, folder: string): Mark {
  try {
    const connection = new Database(file, { readonly: true, fileMustExist: true });
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

function markIn(connection: Database.Database): Mark {
  return connection.prepare("SELECT identity, revision FROM data WHERE id = 1").get() as Mark;
}
