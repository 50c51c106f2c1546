import { chmodSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync } from "node:fs";
import { join } from "node:path";
import Database from "better-sqlite3";

/** Why a copy was made: at a start of a day, or before an upgrade. */
type CopyReason = "before-upgrade" | "daily";
/** So many of the last of each kind are kept; of daily ones also the last of each month, for two years. */
const KEPT: Readonly<Record<CopyReason, number>> = { "before-upgrade": 3, daily: 10 };
const KEPT_MONTHS = 24;
const MONTH_LETTERS = "2026-11".length;
const NAME = /^tenon-(\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2}-\d{3})-([a-z-]+)\.sqlite$/;
const [FOLDER_MODE, FILE_MODE] = [0o700, 0o600];

/** A whole copy of the data. */
export interface Copy {
  readonly name: string;
  readonly path: string;
  /** ISO 8601, UTC. */
  readonly madeAt: string;
  readonly reason: string;
}

/** A copy that opens, and what is in it. */
export interface GoodCopy extends Copy {
  readonly guitars: number;
  readonly pins: number;
  readonly comparisons: number;
}

/** Copies in a data folder, the newest first. */
export function listCopies(folder: string): readonly Copy[] {
  const copies = join(folder, "copies");
  if (!existsSync(copies)) return [];
  return readdirSync(copies)
    .flatMap((name) => {
      const [, stamp, reason] = NAME.exec(name) ?? [];
      if (!stamp || !reason) return [];
      return [{ name, path: join(copies, name), madeAt: isoOf(stamp), reason }];
    })
    .sort((a, b) => (a.name < b.name ? 1 : -1));
}

/** Makes a whole copy into the folder's copies and clears away those of its kind that are not kept. */
export function makeCopy(
  connection: Database.Database,
  folder: string,
  reason: CopyReason,
  now: Date,
): Copy {
  const copies = join(folder, "copies");
  mkdirSync(copies, { recursive: true, mode: FOLDER_MODE });
  const name = `tenon-${now.toISOString().slice(0, -1).replace(/[:.]/g, "-")}-${reason}.sqlite`;
  const path = join(copies, name);
  copyInto(connection, path);
  const ofKind = listCopies(folder).filter((copy) => copy.reason === reason);
  const kept = new Set(keptOf(ofKind, reason));
  for (const copy of ofKind) if (!kept.has(copy)) rmSync(copy.path);
  return { name, path, madeAt: now.toISOString(), reason };
}

/** The copies of a kind that stay; they are given the newest first. */
function keptOf(copies: readonly Copy[], reason: CopyReason): readonly Copy[] {
  const last = copies.slice(0, KEPT[reason]);
  if (reason !== "daily") return last;
  const months = new Map<string, Copy>();
  for (const copy of copies) {
    const month = copy.madeAt.slice(0, MONTH_LETTERS);
    if (!months.has(month)) months.set(month, copy);
  }
  return [...last, ...[...months.values()].slice(0, KEPT_MONTHS)];
}

/** Writes a whole copy of the data to a path, while they may be in use; it is there whole or not at all. */
export function copyInto(connection: Database.Database, path: string): void {
  const unfinished = `${path}.unfinished`;
  rmSync(unfinished, { force: true });
  try {
    connection.prepare("VACUUM INTO ?").run(unfinished);
    chmodSync(unfinished, FILE_MODE);
    renameSync(unfinished, path);
  } finally {
    rmSync(unfinished, { force: true });
  }
}

/** Copies that this Tenon can open, the newest first; each is looked at when it is asked for. */
export function* goodCopies(folder: string, newestVersion: number): Generator<GoodCopy> {
  for (const copy of listCopies(folder)) {
    const contents = contentsOf(copy.path, newestVersion);
    if (contents) yield { ...copy, ...contents };
  }
}

/** The newest copy that this Tenon can open; null where there is none. */
export function newestGoodCopy(folder: string, newestVersion: number): GoodCopy | null {
  const [newest] = goodCopies(folder, newestVersion);
  return newest ?? null;
}

function contentsOf(
  path: string,
  newestVersion: number,
): Pick<GoodCopy, "guitars" | "pins" | "comparisons"> | null {
  try {
    const connection = new Database(path, { readonly: true, fileMustExist: true });
    try {
      if (connection.pragma("quick_check", { simple: true }) !== "ok") return null;
      if (Number(connection.pragma("user_version", { simple: true })) > newestVersion) return null;
      return {
        guitars: countAlive(connection, "guitar"),
        pins: countAlive(connection, "pin"),
        comparisons: countAlive(connection, "comparison"),
      };
    } finally {
      connection.close();
    }
  } catch {
    return null;
  }
}

/** How many rows are not deleted; none where an earlier version had no such table. */
function countAlive(connection: Database.Database, table: "guitar" | "pin" | "comparison"): number {
  const columns = connection.prepare("SELECT name FROM pragma_table_info(?)").pluck().all(table);
  if (columns.length === 0) return 0;
  const alive = columns.includes("deleted_at") ? "WHERE deleted_at IS NULL" : "";
  return Number(connection.prepare(`SELECT count(*) FROM ${table} ${alive}`).pluck().get());
}

/** "2026-11-26T13-05-00-000" as ISO 8601. */
function isoOf(stamp: string): string {
  const [date = "", time = ""] = stamp.split("T");
  const [hours, minutes, seconds, ms] = time.split("-");
  return `${date}T${hours}:${minutes}:${seconds}.${ms}Z`;
}
