import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach } from "@jest/globals";
import { type Database } from "better-sqlite3";
import { openDatabase } from "../database";

interface FreshDatabase {
  readonly connection: Database;
  readonly folder: string;
  /** Closes it and opens it again, as a restart does. */
  readonly reopen: () => void;
}

/** Gives each test of a file a database in a folder of its own; afterwards both are gone. */
export function freshDatabase(): FreshDatabase {
  let folder = "";
  let connection: Database;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), "tenon-"));
    connection = openDatabase(folder);
  });
  afterEach(() => {
    connection.close();
    rmSync(folder, { recursive: true });
  });
  return {
    get connection() {
      return connection;
    },
    get folder() {
      return folder;
    },
    reopen: () => {
      connection.close();
      connection = openDatabase(folder);
    },
  };
}
