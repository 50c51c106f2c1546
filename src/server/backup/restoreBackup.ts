import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import Database from "better-sqlite3";
import { failure, success, type Result } from "@/core/result";
import { unzipped } from "@/formats/unzipped";
import { dataFile, DataTrouble, makeFolder, openDatabase, putInPlace } from "@/server/database";
import { countsOf, EVERYTHING_VERSION, type KeptCounts } from "./everything";
import { backupFacts, FILE_NAME, JSON_NAME } from "./writeBackup";

/** More than a player's data will ever be. */
export const MAX_BACKUP_BYTES = 400 * 1024 * 1024;

/** What a backup holds. */
export interface CheckedBackup {
  /** ISO 8601, UTC. */
  readonly madeAt: string;
  readonly counts: KeptCounts;
}

/** Looks at all of a backup, and changes nothing. The problem says why it cannot be restored. */
export function checkBackup(bytes: Uint8Array, folder: string): Result<CheckedBackup> {
  return withUnpacked(bytes, folder, ({ checked }) => success(checked));
}

/**
 * Puts a backup in the place of the data in a folder; what lay there is kept beside it. Nothing is changed unless all of it
 * can be opened.
 */
export function restoreBackup(bytes: Uint8Array, folder: string): Result<CheckedBackup> {
  return withUnpacked(bytes, folder, ({ path, checked }) => {
    putInPlace(path, folder);
    return success(checked);
  });
}

interface Unpacked {
  readonly path: string;
  readonly checked: CheckedBackup;
}

function withUnpacked(
  bytes: Uint8Array,
  folder: string,
  work: (unpacked: Unpacked) => Result<CheckedBackup>,
): Result<CheckedBackup> {
  if (bytes.length > MAX_BACKUP_BYTES) return failure("in", "larger than any backup of Tenon is");
  const files = unzipped(bytes, MAX_BACKUP_BYTES, (name) => [JSON_NAME, FILE_NAME].includes(name));
  if (!files.ok) return failure("in", `no whole backup: ${files.problem.message}`);
  const [json, file] = [files.value.get(JSON_NAME), files.value.get(FILE_NAME)];
  if (!json || !file) {
    const lacking = json ? FILE_NAME : JSON_NAME;
    return failure("in", `no whole backup of Tenon: ${lacking} is not in it`);
  }
  const said = readSaid(json);
  if (!said.ok) return said;
  if (backupFacts(file).sha256 !== said.value.sha256) {
    return failure("in", "the backup is damaged: its data are not those that were saved");
  }
  // Beside the data, so that it can be moved in their place in one step.
  makeFolder(folder);
  const beside = mkdtempSync(join(folder, "tenon.restoring-"));
  try {
    const path = dataFile(beside);
    writeFileSync(path, file, { mode: 0o600 });
    if (!isTenonFile(path)) return failure("in", "the file in this backup holds no data of Tenon");
    const counts = openAndCount(beside);
    if (!counts.ok) return counts;
    return work({ path, checked: { madeAt: said.value.madeAt, counts: counts.value } });
  } finally {
    rmSync(beside, { recursive: true, force: true });
  }
}

function readSaid(json: Uint8Array): Result<{ readonly madeAt: string; readonly sha256: string }> {
  let value: unknown;
  try {
    value = JSON.parse(new TextDecoder().decode(json));
  } catch {
    return failure("in", `no whole backup: ${JSON_NAME} is damaged`);
  }
  const { version, madeAt, file } = (value ?? {}) as {
    readonly version?: unknown;
    readonly madeAt?: unknown;
    readonly file?: { readonly sha256?: unknown };
  };
  if (typeof version === "number" && version > EVERYTHING_VERSION) {
    return failure(
      "in",
      `a newer Tenon made this backup (version ${version}, this one reads ${EVERYTHING_VERSION}); bring Tenon up to date first`,
    );
  }
  const sha256 = file?.sha256;
  // Earlier versions differ in the names of fields, and a restore reads only the database file.
  const isKnown = Number.isInteger(version) && Number(version) >= 1;
  if (!isKnown || typeof madeAt !== "string" || typeof sha256 !== "string") {
    return failure("in", `no backup of Tenon: ${JSON_NAME} does not say what it is`);
  }
  return success({ madeAt, sha256 });
}

/** Whether a file is a database that Tenon made: the engine would take an empty one for new, and fill up a foreign one. */
function isTenonFile(path: string): boolean {
  try {
    const connection = new Database(path, { readonly: true, fileMustExist: true });
    try {
      const version = Number(connection.pragma("user_version", { simple: true }));
      const guitars = connection
        .prepare("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = 'guitar'")
        .get();
      return version >= 1 && guitars !== undefined;
    } finally {
      connection.close();
    }
  } catch {
    return false;
  }
}

/** Brings the unpacked data up to date where they lie, and counts what is in them. */
function openAndCount(folder: string): Result<KeptCounts> {
  try {
    const connection = openDatabase(folder);
    try {
      connection.pragma("journal_mode = DELETE");
      return success(countsOf(connection));
    } finally {
      connection.close();
    }
  } catch (error) {
    if (error instanceof DataTrouble) {
      const isNewer = error.kind === "newer";
      return failure(
        "in",
        isNewer
          ? "a newer Tenon saved these data; bring Tenon up to date first"
          : "the data in this backup are damaged and cannot be opened",
      );
    }
    throw error;
  }
}
