import { createHash } from "node:crypto";
import { createWriteStream } from "node:fs";
import { text } from "node:stream/consumers";
import { pipeline } from "node:stream/promises";
import Database from "better-sqlite3";
import { openPromise, type Entry, type ZipFile } from "yauzl";
import { failure, success, type Result } from "@/core/result";
import { dataFile, DataTrouble, openDatabase } from "@/server/database";
import { countsOf, EVERYTHING_VERSION, type KeptCounts } from "./everything";
import { countBytes, type Progress } from "./progress";
import { ABOUT_NAME, FILE_NAME, JSON_NAME } from "./writeBackup";

/** More than a player's data will ever be, unpacked. */
export const MAX_BACKUP_BYTES = 4_000_000_000;
/** Backups of earlier versions have no tenon-backup.json, so that their whole JSON must be read. */
const MAX_JSON_BYTES = 400_000_000;

/** What a backup holds. */
export interface CheckedBackup {
  /** ISO 8601, UTC. */
  readonly madeAt: string;
  readonly counts: KeptCounts;
}

/**
 * Unpacks the data of a backup into an empty folder, checks them whole and brings them up to date there. The problem says
 * why they cannot be restored.
 */
export async function unpackBackup(
  path: string,
  folder: string,
  onProgress: Progress = () => undefined,
): Promise<Result<CheckedBackup>> {
  let zip: ZipFile;
  try {
    zip = await openPromise(path, { autoClose: false });
  } catch (error) {
    return damagedZip(error);
  }
  try {
    return await unpack(zip, folder, onProgress);
  } catch (error) {
    if (isZipError(error)) return damagedZip(error);
    throw error;
  } finally {
    zip.close();
  }
}

async function unpack(
  zip: ZipFile,
  folder: string,
  onProgress: Progress,
): Promise<Result<CheckedBackup>> {
  const entries = await wantedEntries(zip);
  const [about, file] = [entries.get(ABOUT_NAME) ?? entries.get(JSON_NAME), entries.get(FILE_NAME)];
  if (!about || !file) {
    const lacking = about ? FILE_NAME : JSON_NAME;
    return failure("in", `no whole backup of Tenon: ${lacking} is not in it`);
  }
  if (file.uncompressedSize > MAX_BACKUP_BYTES || about.uncompressedSize > MAX_JSON_BYTES) {
    return failure("in", "larger than any backup of Tenon is");
  }
  const said = readSaid(await text(await zip.openReadStreamPromise(about)));
  if (!said.ok) return said;
  const hash = createHash("sha256");
  const counted = countBytes((bytes) => onProgress(bytes / file.uncompressedSize));
  counted.on("data", (chunk: Buffer) => void hash.update(chunk));
  await pipeline(
    await zip.openReadStreamPromise(file),
    counted,
    createWriteStream(dataFile(folder), { mode: 0o600 }),
  );
  if (hash.digest("hex") !== said.value.sha256) {
    return failure("in", "the backup is damaged: its data are not those that were saved");
  }
  if (!isTenonFile(dataFile(folder))) {
    return failure("in", "the file in this backup holds no data of Tenon");
  }
  const counts = openAndCount(folder);
  return counts.ok ? success({ madeAt: said.value.madeAt, counts: counts.value }) : counts;
}

/** The entries of a backup by name; names are never paths to write to. */
async function wantedEntries(zip: ZipFile): Promise<ReadonlyMap<string, Entry>> {
  const found = new Map<string, Entry>();
  for await (const entry of zip.eachEntry()) {
    if ([ABOUT_NAME, JSON_NAME, FILE_NAME].includes(entry.fileName)) {
      found.set(entry.fileName, entry);
    }
  }
  return found;
}

function damagedZip(error: unknown): Result<never> {
  const words = error instanceof Error ? error.message : String(error);
  return failure("in", `no whole backup: the zip is damaged or cut off (${words})`);
}

/** Tells errors of a broken zip, which have no code or one from zlib, from errors of the file system. */
function isZipError(error: unknown): boolean {
  const { code } = error as NodeJS.ErrnoException;
  return error instanceof Error && (code === undefined || code.startsWith("Z_"));
}

function readSaid(json: string): Result<{ readonly madeAt: string; readonly sha256: string }> {
  let value: unknown;
  try {
    value = JSON.parse(json);
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
