import { accessSync, constants, existsSync } from "node:fs";
import { resolve } from "node:path";
import Database from "better-sqlite3";
import { ensureGuitars } from "@/server/tables";
import { makeCopy } from "./copies";
import { dataFile, makeFolder, protect } from "./folder";
import { inspectFile } from "./inspect";
import { migrate, needsUpgrade, newestVersion, versionOf } from "./migrate";
import { DataTrouble, isDamage } from "./trouble";

/** How long a tool waits for another process to finish writing. */
const TOOL_WAIT_MS = 5000;

interface OpenOptions {
  readonly waitMs?: number;
  /** Makes new data where the old are missing. */
  readonly afresh?: boolean;
}

export function migrationsFolder(): string {
  return resolve("migrations");
}

/**
 * Opens (or makes) the database in a folder, brings it up to date, after a copy, and makes sure it has a guitar. Throws `DataTrouble` where that
 * cannot be, and leaves the folder as it was then.
 */
export function openDatabase(folder: string, options: OpenOptions = {}): Database.Database {
  const { waitMs = TOOL_WAIT_MS, afresh = false } = options;
  ensureFolder(folder);
  if (!afresh) inspectFile(folder);
  const connection = new Database(dataFile(folder), { timeout: waitMs });
  try {
    prepare(connection, folder);
    return connection;
  } catch (error) {
    connection.close();
    if (isDamage(error)) throw new DataTrouble("damaged", folder, wordsOf(error));
    throw error;
  }
}

/** Makes the folder if need be. Throws `DataTrouble` where it cannot be used. */
export function ensureFolder(folder: string): void {
  try {
    makeFolder(folder);
    if (!existsSync(dataFile(folder))) accessSync(folder, constants.W_OK);
  } catch (error) {
    throw new DataTrouble("unusable folder", folder, wordsOf(error));
  }
}

function prepare(connection: Database.Database, folder: string): void {
  const migrations = migrationsFolder();
  const [version, newest] = [versionOf(connection), newestVersion(migrations)];
  if (version > newest) throw new DataTrouble("newer", folder, `${version}, ${newest}`);
  if (connection.pragma("journal_mode", { simple: true }) !== "wal") {
    connection.pragma("journal_mode = WAL");
  }
  // What is acknowledged is on the disk, not on its way there.
  connection.pragma("synchronous = FULL");
  connection.pragma("foreign_keys = ON");
  const health = connection.pragma("quick_check", { simple: true });
  if (health !== "ok") throw new DataTrouble("damaged", folder, String(health));
  if (needsUpgrade(connection, migrations)) {
    makeCopy(connection, folder, "before-upgrade", new Date());
  }
  if (version < newest) migrate(connection, migrations);
  ensureGuitars(connection);
  protect(folder);
}

function wordsOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}
