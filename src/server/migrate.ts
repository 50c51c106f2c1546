import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { type Database } from "better-sqlite3";

const FILE_PATTERN = /^(\d{3})_[a-z0-9_]+\.sql$/;

/**
 * Runs the numbered SQL files that a database has not seen yet, each in its own transaction; the
 * number of the last one is kept in `user_version`. Throws where the database is newer than the
 * files, because an older Tenon must not write into it.
 */
export function migrate(connection: Database, folder: string): void {
  const files = readdirSync(folder)
    .flatMap((file) => {
      const match = FILE_PATTERN.exec(file);
      return match ? [{ number: Number(match[1]), path: join(folder, file) }] : [];
    })
    .sort((a, b) => a.number - b.number);
  const latest = files.at(-1)?.number ?? 0;
  const step = connection.transaction((number: number, sql: string) => {
    // Another process may have run it while this one waited for the lock.
    if (versionOf(connection) >= number) return;
    connection.exec(sql);
    connection.pragma(`user_version = ${number}`);
  });
  if (versionOf(connection) > latest) {
    throw new Error(
      `The data were written by a newer Tenon (version ${versionOf(connection)}; this one knows ${latest}). Update Tenon, or point TENON_DATA to another folder.`,
    );
  }
  for (const { number, path } of files) {
    if (number > versionOf(connection)) step.immediate(number, readFileSync(path, "utf8"));
  }
}

function versionOf(connection: Database): number {
  return connection.pragma("user_version", { simple: true }) as number;
}
