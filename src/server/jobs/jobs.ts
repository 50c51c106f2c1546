import { createWriteStream, statSync } from "node:fs";
import { readFile } from "node:fs/promises";
import { join } from "node:path";
import { Readable } from "node:stream";
import { pipeline } from "node:stream/promises";
import { type Database } from "better-sqlite3";
import { type Result } from "@/core/result";
import { roundsCsv, readRoundsCsv } from "@/formats/csv";
import {
  countsOf,
  unpackBackup,
  writeBackup,
  writeJson,
  type CheckedBackup,
  type Progress,
} from "@/server/backup";
import { importRounds } from "@/server/changes";
import { copyInto } from "@/server/database";
import { readDataFacts, readUnreadable } from "@/server/facts";
import { readUpload, writePicture, writeSong, type WriteRequest } from "@/server/files";
import { listKept } from "@/server/keeper";
import { readLog, readPractice, readTimedRounds, roundsByTime } from "@/server/practice";
import { guitarKeeper } from "@/server/tables";
import { type LocalTime, type LogFilter } from "@/state";

/** The data, a folder and the progress callback that a job is given. */
export interface JobContext {
  /** The data, to be read; opened at first use. */
  readonly reading: () => Database;
  /** The data, to be changed; opened at first use. */
  readonly writing: () => Database;
  /** An empty folder for what it makes. */
  readonly folder: string;
  readonly onProgress: Progress;
}

type Job = (request: never, context: JobContext) => unknown;

/** Path and size of a file that a job wrote. */
interface MadeFile {
  readonly path: string;
  readonly bytes: number;
}

/** The work that is too long or too large for the server's own process. Each job runs in a child process. */
export const JOBS = {
  writeBackup: (_: null, { reading, folder, onProgress }) =>
    made(folder, (path) =>
      writeBackup({ connection: reading(), path, folder, now: new Date(), onProgress }),
    ),

  writeJson: (_: null, { reading, folder }) =>
    made(folder, (path) => writeJson({ connection: reading(), path, folder, now: new Date() })),

  writeCopy: (_: null, { reading, folder }) => made(folder, (path) => copyInto(reading(), path)),

  writeLogTable: (_: null, { reading, folder }) =>
    made(folder, (path) => writeText(path, roundsCsv(roundsByTime(reading())))),

  /** Unpacks a backup into a folder and checks it; says what it holds and what there is now. */
  unpackBackup: async (
    { path, into }: { readonly path: string; readonly into: string },
    { reading, onProgress },
  ): Promise<Result<CheckedBackup & { readonly current: CheckedBackup["counts"] }>> => {
    const checked = await unpackBackup(path, into, onProgress);
    if (!checked.ok) return checked;
    return { ok: true, value: { ...checked.value, current: countsOf(reading()) } };
  },

  readLogTable: async (
    { path, isKept }: { readonly path: string; readonly isKept: boolean },
    { reading, writing },
  ) => {
    const guitars = new Set(listKept(reading(), guitarKeeper).map(({ id }) => id));
    const text = await readFile(path, "utf8");
    const { rounds, problems, refused } = readRoundsCsv(text, (id) => guitars.has(id));
    const imported =
      isKept && rounds.length > 0 ? importRounds(writing(), rounds, Date.now()) : null;
    return { found: rounds.length, problems, refused, imported };
  },

  readFile: async ({ path }: { readonly path: string }) => readUpload(await readFile(path)),

  writeSong: (request: WriteRequest) => writeSong(request),

  writePicture: (request: Parameters<typeof writePicture>[0]) => writePicture(request),

  readDataFacts: ({ file }: { readonly file: string }, { reading }) =>
    readDataFacts(reading(), file),

  readUnreadable: (_: null, { reading }) => readUnreadable(reading()),

  readLog: ({ filter, skip }: { readonly filter: LogFilter; readonly skip: number }, { reading }) =>
    readLog(reading(), filter, skip),

  readPractice: (now: LocalTime, { reading }) => readPractice(reading(), now),

  readTimedRounds: (_: null, { reading }) => readTimedRounds(reading()),
} satisfies Readonly<Record<string, Job>>;

export type Jobs = typeof JOBS;
export type JobName = keyof Jobs;
export type JobRequest<N extends JobName> = Parameters<Jobs[N]>[0];
export type JobAnswer<N extends JobName> = Awaited<ReturnType<Jobs[N]>>;

function writeText(path: string, pieces: Iterable<string>): Promise<void> {
  return pipeline(Readable.from(pieces), createWriteStream(path));
}

async function made(
  folder: string,
  write: (path: string) => void | Promise<void>,
): Promise<MadeFile> {
  const path = join(folder, "made");
  await write(path);
  return { path, bytes: statSync(path).size };
}
