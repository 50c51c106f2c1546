import { createHash } from "node:crypto";
import { createReadStream, createWriteStream, statSync } from "node:fs";
import { join } from "node:path";
import { Readable, type Transform } from "node:stream";
import { pipeline } from "node:stream/promises";
import { type Database } from "better-sqlite3";
import { ZipFile } from "yazl";
import { copyInto, dataFile, openDatabase } from "@/server/database";
import { everythingText } from "./everything";
import { countBytes, type Progress } from "./progress";

/** The files in a backup: version and hash, everything as JSON for other programs, and the database itself. */
export const [ABOUT_NAME, JSON_NAME, FILE_NAME] = [
  "tenon-backup.json",
  "tenon.json",
  "tenon.sqlite",
];

/** Size and hash of a file, to detect damage. */
export interface FileFacts {
  readonly bytes: number;
  readonly sha256: string;
}

interface Task {
  readonly connection: Database;
  /** Where the result is written. */
  readonly path: string;
  readonly now: Date;
  /** An empty folder to work in. */
  readonly folder: string;
  readonly onProgress?: Progress;
}

/** Writes everything of a player as JSON, from a copy, so that the data stay as they are and all of it is of one moment. */
export async function writeJson(task: Task): Promise<void> {
  const copy = openCopy(task);
  try {
    const text = Readable.from(inPieces(everythingText(copy, task.now)));
    await pipeline(text, createWriteStream(task.path));
  } finally {
    copy.close();
  }
}

/** Writes a backup: a zip with everything as JSON and the SQLite file itself. */
export async function writeBackup(task: Task): Promise<void> {
  const { path, now, folder, onProgress = () => undefined } = task;
  const copy = openCopy(task);
  try {
    const file = dataFile(folder);
    const facts = await factsOf(file);
    const about = Buffer.from(everythingAbout(copy, now, facts));
    const zip = new ZipFile();
    const options = { mtime: now };
    zip.addBuffer(about, ABOUT_NAME, options);
    zip.addReadStreamLazy(JSON_NAME, options, (add) =>
      add(null, Readable.from(inPieces(everythingText(copy, now, { file: facts })))),
    );
    // The database is about half of the work; the JSON, which holds the same, is the other half.
    const counted = (): Transform =>
      countBytes((bytes) => onProgress(0.5 + (0.5 * bytes) / facts.bytes));
    zip.addReadStreamLazy(FILE_NAME, { ...options, size: facts.bytes }, (add) =>
      add(null, createReadStream(file).pipe(counted())),
    );
    zip.end();
    await pipeline(zip.outputStream, createWriteStream(path));
  } finally {
    copy.close();
  }
}

/** What a file is, read in pieces. */
export async function factsOf(file: string): Promise<FileFacts> {
  const hash = createHash("sha256");
  await pipeline(createReadStream(file), hash);
  return { bytes: statSync(file).size, sha256: hash.digest("hex") };
}

/** Version, date, player, and the size and hash of the database. */
function everythingAbout(connection: Database, now: Date, file: FileFacts): string {
  const [first = "{"] = everythingText(connection, now);
  return `${first},"file":${JSON.stringify(file)}}`;
}

/** A copy of the data in the task's folder, brought up to date. */
function openCopy({ connection, folder }: Task): Database {
  copyInto(connection, join(folder, FILE_NAME));
  const copy = openDatabase(folder);
  copy.pragma("journal_mode = DELETE");
  return copy;
}

const PIECE_LETTERS = 256 * 1024;

/** Joins short texts, since a stream is slow with many. */
function* inPieces(texts: Iterable<string>): Generator<string> {
  let piece = "";
  for (const text of texts) {
    piece += text;
    if (piece.length < PIECE_LETTERS) continue;
    yield piece;
    piece = "";
  }
  yield piece;
}
