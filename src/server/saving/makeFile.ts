import { makeWorkFolder } from "@/server/database";
import { type Steps } from "@/server/edge";
import { runJob } from "@/server/jobs";
import { type FileToSave } from "@/wire";

/** A file on disk, ready for download. */
export interface ReadyFile {
  readonly path: string;
  readonly name: string;
  readonly type: string;
  readonly clear: () => void;
}

const MAKERS = {
  backup: { job: "writeBackup", stem: "tenon", ending: "zip", type: "application/zip" },
  json: { job: "writeJson", stem: "tenon", ending: "json", type: "application/json" },
  copy: { job: "writeCopy", stem: "tenon", ending: "sqlite", type: "application/vnd.sqlite3" },
  log: { job: "writeLogTable", stem: "practice", ending: "csv", type: "text/csv; charset=utf-8" },
} as const satisfies Readonly<Record<FileToSave, object>>;

/** Makes a file in a child process. */
export async function makeFile(kind: FileToSave, steps: Partial<Steps>): Promise<ReadyFile> {
  const { job, stem, ending, type } = MAKERS[kind];
  const work = makeWorkFolder();
  try {
    const { path } = await runJob(job, null, { ...steps, folder: work.path });
    const day = new Date().toISOString().slice(0, "2026-12-01".length);
    return { path, name: `${stem}-${day}.${ending}`, type, clear: work.clear };
  } catch (error) {
    work.clear();
    throw error;
  }
}
