import { createHash } from "node:crypto";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type Database } from "better-sqlite3";
import { strToU8, zipSync } from "fflate";
import { copyInto, dataFile, openDatabase } from "@/server/database";
import { everything } from "./everything";

/** What a backup holds: everything to be read by anybody, and the file that Tenon goes on with. */
export const [JSON_NAME, FILE_NAME] = ["tenon.json", "tenon.sqlite"];

/** Everything of a player as JSON text, read from a copy, so that the data stay as they are. */
export function exportText(connection: Database, now: Date): string {
  return withCopy(connection, (copy) => jsonText(copy.connection, now));
}

/** A backup as one file: a zip with everything as JSON and the SQLite file itself. */
export function backupBytes(connection: Database, now: Date): Uint8Array {
  return withCopy(connection, (copy) => {
    const file = readFileSync(copy.path);
    const value: unknown = JSON.parse(jsonText(copy.connection, now));
    const text = JSON.stringify({ ...(value as object), file: backupFacts(file) });
    return zipSync({ [JSON_NAME]: strToU8(text), [FILE_NAME]: file }, { level: 6, mtime: now });
  });
}

/** By which a damaged file is told. */
export function backupFacts(file: Uint8Array): { readonly bytes: number; readonly sha256: string } {
  return { bytes: file.length, sha256: createHash("sha256").update(file).digest("hex") };
}

function jsonText(connection: Database, now: Date): string {
  return JSON.stringify(everything(connection, now));
}

interface OpenCopy {
  readonly path: string;
  readonly connection: Database;
}

/** Works on a copy of its own, brought up to date, and clears it away. */
function withCopy<T>(connection: Database, work: (copy: OpenCopy) => T): T {
  const folder = mkdtempSync(join(tmpdir(), "tenon-backup-"));
  try {
    const path = dataFile(folder);
    copyInto(connection, path);
    const copy = openDatabase(folder);
    try {
      copy.pragma("journal_mode = DELETE");
      return work({ path, connection: copy });
    } finally {
      copy.close();
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
