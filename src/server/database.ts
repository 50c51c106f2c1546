import { mkdirSync } from "node:fs";
import { join, resolve } from "node:path";
import Database from "better-sqlite3";
import { migrate } from "./migrate";
import { addPlainGuitars } from "./guitars";

const FILE_NAME = "tenon.sqlite";
const BUSY_TIMEOUT_MS = 5000;

/** Under `next start` a module is loaded several times in one process; the connection is not. */
const shared = globalThis as typeof globalThis & { tenonDatabase?: Database.Database };

/** The one connection, opened and migrated at first use. The folder is TENON_DATA, or ./data. */
export function database(): Database.Database {
  shared.tenonDatabase ??= openDatabase(
    // The folder is told at run time; the build need not look for it.
    resolve(/* turbopackIgnore: true */ process.env.TENON_DATA ?? "data"),
  );
  return shared.tenonDatabase;
}

/** Opens (or makes) the database in a folder, brings it up to date and makes sure it has a guitar. */
export function openDatabase(folder: string): Database.Database {
  mkdirSync(folder, { recursive: true });
  const connection = new Database(join(folder, FILE_NAME), { timeout: BUSY_TIMEOUT_MS });
  connection.pragma("journal_mode = WAL");
  connection.pragma("foreign_keys = ON");
  migrate(connection, resolve("migrations"));
  addPlainGuitars(connection);
  return connection;
}
