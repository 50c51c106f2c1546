import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { type Database } from "better-sqlite3";

const FILE_PATTERN = /^(\d{3})_[a-z0-9_]+\.sql$/;

interface Migration {
  readonly number: number;
  readonly path: string;
}

/** The version of data that the migrations of a folder lead to. */
export function newestVersion(folder: string): number {
  return listMigrations(folder).at(-1)?.number ?? 0;
}

export function versionOf(connection: Database): number {
  return connection.pragma("user_version", { simple: true }) as number;
}

/** Whether data made before by an earlier Tenon must be brought up to date. */
export function needsUpgrade(connection: Database, folder: string): boolean {
  const version = versionOf(connection);
  return version > 0 && version < newestVersion(folder);
}

/**
 * Runs the numbered SQL files that a database has not seen yet, each in a transaction of its own; the number of the
 * last one is kept in `user_version`. A step that fails, or leaves a reference or the file broken, is undone and
 * thrown. The caller makes a copy first.
 */
export function migrate(connection: Database, folder: string): void {
  const step = connection.transaction(({ number, path }: Migration) => {
    // Another process may have run it while this one was waiting for the lock.
    if (versionOf(connection) >= number) return;
    connection.exec(readFileSync(path, "utf8"));
    connection.pragma(`user_version = ${number}`);
    check(connection, path);
  });
  // A table that is rebuilt is dropped, which would delete all that refers to it. Works only outside of a transaction.
  connection.pragma("foreign_keys = OFF");
  try {
    for (const migration of listMigrations(folder)) {
      if (migration.number > versionOf(connection)) step.immediate(migration);
    }
  } finally {
    connection.pragma("foreign_keys = ON");
  }
}

function check(connection: Database, path: string): void {
  const broken = connection.pragma("foreign_key_check") as readonly unknown[];
  if (broken.length > 0) throw new Error(`${path} leaves ${broken.length} broken references.`);
  const health = connection.pragma("integrity_check", { simple: true });
  if (health !== "ok") throw new Error(`${path} leaves the file damaged: ${String(health)}`);
}

function listMigrations(folder: string): readonly Migration[] {
  return readdirSync(folder)
    .flatMap((file) => {
      const match = FILE_PATTERN.exec(file);
      return match ? [{ number: Number(match[1]), path: join(folder, file) }] : [];
    })
    .sort((a, b) => a.number - b.number);
}
