import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import Database from "better-sqlite3";
import { sqliteCode } from "./trouble";

const [LOCK_NAME, HOLDER_NAME] = ["tenon.lock", "server.json"];
const FILE_MODE = 0o600;
/** A server that was killed a moment ago may still be ending. */
const PATIENCE_MS = 500;

/** Holds a folder for one server; the system lets go of it when the process ends, however it ends. */
export interface FolderLock {
  readonly release: () => void;
}

/**
 * Takes a data folder for this server; null where another one has it. The lock is an exclusive transaction on a
 * database of its own, because the engine's locks belong to the process and die with it.
 */
export function takeLock(folder: string, address: string): FolderLock | null {
  const connection = new Database(join(folder, LOCK_NAME), { timeout: PATIENCE_MS });
  try {
    connection.exec("BEGIN EXCLUSIVE");
  } catch (error) {
    connection.close();
    if (sqliteCode(error).startsWith("SQLITE_BUSY")) return null;
    throw error;
  }
  const holder = JSON.stringify({ address, process: process.pid });
  writeFileSync(join(folder, HOLDER_NAME), `${holder}\n`, { mode: FILE_MODE });
  return { release: () => connection.close() };
}

/** Where the server that has the folder answers, as far as it said. */
export function lockHolder(folder: string): string {
  try {
    const holder: unknown = JSON.parse(readFileSync(join(folder, HOLDER_NAME), "utf8"));
    if (typeof holder === "object" && holder !== null && "address" in holder) {
      return String(holder.address);
    }
  } catch {
    // Just starting, or an older one: there is a holder, but it has not said where it answers.
  }
  return "";
}
