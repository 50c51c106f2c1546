import { renameSync, rmSync, statSync } from "node:fs";
import { join } from "node:path";
import { type Database } from "better-sqlite3";
import { listCopies, makeCopy } from "./copies";
import { dataFile, dataFolder } from "./folder";
import { findDamage } from "./findDamage";
import { giveNewIdentity } from "./identity";
import { lockHolder, takeLock, type FolderLock } from "./lock";
import { lostText } from "./lostText";
import { ensureFolder, openDatabase } from "./open";
import { copyToLookAt, whyReadOnly } from "./readOnly";
import { beginRecord, lostLines, readRecord, type RecordLine, type RecordWriter } from "./record";
import { DataTrouble, isDamage, isLocked } from "./trouble";
import { clearWork } from "./workFolder";
import { lookForOverwriting, markIn, writtenAt } from "./watch";

/** The data as this server has them open. */
export interface Served {
  readonly connection: Database;
  readonly folder: string;
  /** Why nothing can be saved; null where it can. */
  readonly readOnly: string | null;
  /** What the player should know about the data, such as what a damaged log lost. */
  readonly notes: readonly string[];
}

interface Open extends Served {
  readonly lock: FolderLock | null;
  readonly record: RecordWriter | null;
  readonly mark: FileMark;
  /** When the file was last written to, as far as it has been looked at since. */
  seenMs: number;
  /** Where the data are only looked at: the folder of the copy that is open, deleted on closing. */
  readonly copyFolder?: string;
}

/** Tells a file from another one that has taken its place. */
interface FileMark {
  readonly device: number;
  readonly inode: number;
}

interface Shared {
  open?: Open | undefined;
  /** The file that pages were made from; another in its place is not taken without asking. */
  expected?: FileMark | undefined;
  afresh?: boolean;
  /** Other data than pages were made from are taken, on the player's word. */
  isExchanged?: boolean;
  /** What the check of the whole file found; nothing is served until the player has decided. */
  damage?: string | undefined;
}

/** `next start` loads a module several times in one process; all of them share what is open. */
const global = globalThis as typeof globalThis & { tenonData?: Shared };
const shared = (global.tenonData ??= {});

/** So short that a lock held by another process does not keep pages waiting; writes are tried again. */
const SERVER_WAIT_MS = 20;
const DAY_MS = 86_400_000;
/** How long after a write the log is brought into the file, so that a copy of the file alone is nearly whole. */
const CHECKPOINT_AFTER_MS = 2000;

/** The data, opened at first use. Throws `DataTrouble` where they cannot be, or are not there any more. */
export function served(): Served {
  const folder = dataFolder();
  const file = dataFile(folder);
  const now = markOf(file);
  const { open, expected, damage } = shared;
  if (damage !== undefined) throw new DataTrouble("damaged", folder, damage);
  if (expected && !isSame(expected, now)) {
    if (open) close();
    throw new DataTrouble(now ? "replaced" : "gone", folder);
  }
  if (open) {
    watch(open);
    return open;
  }
  shared.open = openForServing(folder);
  shared.expected = shared.open.mark;
  shared.afresh = false;
  shared.isExchanged = false;
  checkWholeFile(shared.open);
  return shared.open;
}

/** A file that was written over in its place is as good as another one. */
const NO_FILE: FileMark = { device: -1, inode: -1 };

function watch(open: Open): void {
  if (open.readOnly !== null) return;
  const at = writtenAt(dataFile(open.folder));
  if (at === open.seenMs) return;
  open.seenMs = at;
  try {
    lookForOverwriting(open.connection, open.folder);
  } catch (error) {
    if (isLocked(error)) {
      // Looked at again with the next request.
      open.seenMs = 0;
      return;
    }
    if (error instanceof DataTrouble && error.kind === "replaced") shared.expected = NO_FILE;
    if (error instanceof DataTrouble || isDamage(error)) close();
    throw error;
  }
}

/** Takes whatever is in the folder now, on the player's word; with `afresh`, new data where there are none. */
export function takeWhatIsThere({ afresh }: { readonly afresh: boolean }): void {
  const { expected } = shared;
  shared.isExchanged = expected !== undefined && !isSame(expected, markOf(dataFile(dataFolder())));
  close();
  shared.expected = undefined;
  shared.damage = undefined;
  shared.afresh = afresh;
}

/** Lets go of the data, with all that was written in the one file. */
export function close(): void {
  const { open } = shared;
  shared.open = undefined;
  if (!open) return;
  open.record?.close();
  try {
    open.connection.close();
  } catch (error) {
    console.error("The data could not be closed:", error);
  }
  open.lock?.release();
  if (open.copyFolder) rmSync(open.copyFolder, { recursive: true, force: true });
}

/** Notes what is about to be acknowledged, and has the log brought into the file soon. */
export function recordMade(lines: readonly RecordLine[]): void {
  const { open } = shared;
  if (!open || lines.length === 0) return;
  open.record?.write(lines);
  setTimeout(() => {
    if (shared.open === open) tryCheckpoint(open.connection);
  }, CHECKPOINT_AFTER_MS).unref();
}

/** What the engine found wrong is looked at anew when the data are next asked for. */
export function closeIfDamaged(error: unknown): void {
  if (isDamage(error)) close();
}

function openForServing(folder: string): Open {
  const file = dataFile(folder);
  const reason = whyReadOnly(folder);
  if (reason !== null) {
    const copyFolder = copyToLookAt(folder);
    const connection = openDatabase(copyFolder, { waitMs: SERVER_WAIT_MS });
    const mark = markOf(file) ?? { device: 0, inode: 0 };
    return {
      connection,
      folder,
      readOnly: reason,
      notes: [],
      lock: null,
      record: null,
      mark,
      seenMs: 0,
      copyFolder,
    };
  }
  ensureFolder(folder);
  const lock = lockOrRefuse(folder);
  try {
    clearWork(folder);
    const connection = openDatabase(folder, {
      waitMs: SERVER_WAIT_MS,
      afresh: shared.afresh ?? false,
    });
    const mark = markOf(file);
    if (!mark) throw new DataTrouble("gone", folder);
    const { record, notes } = beginRecording(connection, folder);
    copyDaily(connection, folder);
    const seenMs = writtenAt(file);
    return { connection, folder, readOnly: null, notes, lock, record, mark, seenMs };
  } catch (error) {
    lock.release();
    throw error;
  }
}

/** How long after opening, and how often, the whole file is checked. */
const [FIRST_CHECK_MS, CHECK_EVERY_MS] = [10_000, DAY_MS];

/** Checks the file in another process, soon and once a day; damage stops the serving until the player has decided. */
function checkWholeFile(open: Open): void {
  if (open.readOnly !== null) return;
  const check = async () => {
    if (shared.open !== open) return;
    const damage = await findDamage(dataFile(open.folder));
    if (shared.open !== open) return;
    if (damage === null) return void setTimeout(() => void check(), CHECK_EVERY_MS).unref();
    console.error("The check of the data file found damage:", damage);
    shared.damage = damage;
    close();
  };
  setTimeout(() => void check(), FIRST_CHECK_MS).unref();
}

function lockOrRefuse(folder: string): FolderLock {
  const lock = takeLock(folder, process.env.TENON_ADDRESS ?? "");
  if (!lock) throw new DataTrouble("in use", folder, lockHolder(folder));
  return lock;
}

function beginRecording(
  connection: Database,
  folder: string,
): { readonly record: RecordWriter; readonly notes: readonly string[] } {
  const lost = lostLines(readRecord(folder), markIn(connection));
  const at = new Date().toISOString();
  if (lost.length > 0) {
    const stamp = at.replace(/[:.]/g, "-");
    renameSync(join(folder, "tenon-record.jsonl"), join(folder, `tenon-lost-${stamp}.jsonl`));
  }
  // Pages that were made from other data, or from a newer state of these, must not write into them.
  if (lost.length > 0 || shared.isExchanged) giveNewIdentity(connection);
  const record = beginRecord(folder, { ...markIn(connection), at, what: "open" });
  return { record, notes: lost.length > 0 ? [lostText(lost)] : [] };
}

function copyDaily(connection: Database, folder: string): void {
  const now = new Date();
  // A copy from the future was made while the clock was wrong, and says nothing about today.
  const ages = listCopies(folder).map(({ madeAt }) => now.getTime() - Date.parse(madeAt));
  if (ages.some((ageMs) => ageMs >= 0 && ageMs < DAY_MS)) return;
  try {
    makeCopy(connection, folder, "daily", now);
  } catch (error) {
    console.warn("Today's copy of the data could not be made:", error);
  }
}

function markOf(file: string): FileMark | null {
  const stat = statSync(file, { throwIfNoEntry: false });
  return stat ? { device: stat.dev, inode: stat.ino } : null;
}

function isSame(expected: FileMark, now: FileMark | null): boolean {
  return now?.device === expected.device && now.inode === expected.inode;
}

/** Leaves the log empty, so that it cannot be mistaken for one of whatever is put in the file's place. */
function tryCheckpoint(connection: Database): void {
  try {
    connection.pragma("wal_checkpoint(TRUNCATE)");
  } catch (error) {
    console.warn("The log could not be brought into the file yet:", error);
  }
}

const ENDINGS = { SIGINT: 130, SIGTERM: 143, SIGHUP: 129 } as const;

/**
 * However the server is asked to end, the file is left whole: the log is brought into it at once, since requests
 * under way may keep the process for a while, and the connection is closed when the process ends.
 */
export function closeAtTheEnd(): void {
  process.once("exit", close);
  for (const [signal, status] of Object.entries(ENDINGS)) {
    process.once(signal, () => {
      if (shared.open) tryCheckpoint(shared.open.connection);
      setTimeout(() => process.exit(status), END_AFTER_MS).unref();
      // Nobody else ends the process on this one.
      if (signal === "SIGHUP") process.exit(status);
    });
  }
}

const END_AFTER_MS = 3000;
