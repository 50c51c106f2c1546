// Entry point of a child process: runs one job at a time for the server and reports back.
import { statSync } from "node:fs";
import Database from "better-sqlite3";
import { sqliteCode } from "@/server/database";
import { WordedError } from "@/server/edge";
import { JOBS, type JobContext } from "./jobs";
import { type JobOrder, type JobReport } from "./messages";

const WAIT_MS = 5000;
const PROGRESS_EVERY_MS = 100;

const report = (message: JobReport) => void process.send?.(message);

process.on("message", (order: JobOrder) => void run(order));
// The server has exited.
process.on("disconnect", () => process.exit());

async function run({ name, request, file, folder }: JobOrder): Promise<void> {
  let toldMs = 0;
  const onProgress = (share: number) => {
    if (Date.now() - toldMs < PROGRESS_EVERY_MS) return;
    toldMs = Date.now();
    report({ kind: "progress", share });
  };
  let written: Database.Database | undefined;
  const context: JobContext = {
    reading: () => openToRead(file),
    writing: () => (written ??= openToWrite(file)),
    folder,
    onProgress,
  };
  try {
    const job = JOBS[name] as (request: unknown, context: JobContext) => unknown;
    report({ kind: "answer", answer: (await job(request, context)) as never });
  } catch (error) {
    report(reportOf(error));
  } finally {
    written?.close();
  }
}

function reportOf(error: unknown): JobReport {
  if (error instanceof WordedError) {
    const { status, field, message } = error;
    return { kind: "refused", status, field, message };
  }
  const words = error instanceof Error ? (error.stack ?? error.message) : String(error);
  return { kind: "failed", code: sqliteCode(error), words };
}

function openToWrite(file: string): Database.Database {
  const connection = new Database(file, { fileMustExist: true, timeout: WAIT_MS });
  // As the server itself has them.
  connection.pragma("synchronous = FULL");
  connection.pragma("foreign_keys = ON");
  return connection;
}

/** Kept open between jobs, so that what is cached for the connection stays; reopened when the file was replaced. */
let open: { readonly key: string; readonly connection: Database.Database } | undefined;

function openToRead(file: string): Database.Database {
  const { dev, ino } = statSync(file);
  const key = `${file} ${dev} ${ino}`;
  if (open?.key !== key) {
    open?.connection.close();
    const connection = new Database(file, { readonly: true, timeout: WAIT_MS });
    open = { key, connection };
  }
  return open.connection;
}
