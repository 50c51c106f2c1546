import {
  closeSync,
  existsSync,
  openSync,
  readFileSync,
  renameSync,
  writeFileSync,
  writeSync,
} from "node:fs";
import { join } from "node:path";

/**
 * A record, beside the database, of what was acknowledged: one line a change. The engine drops the end of a damaged
 * log without a word; held against this record, what was lost can be said.
 */
export interface RecordLine {
  readonly identity: string;
  readonly revision: number;
  readonly at: string;
  /** What was done: "set profile", "add pin". */
  readonly what: string;
}

const FILE_NAME = "tenon-record.jsonl";
const FILE_MODE = 0o600;

export function hasRecord(folder: string): boolean {
  return existsSync(join(folder, FILE_NAME));
}

/** The lines that can be read; the last may have been cut by a crash. */
export function readRecord(folder: string): readonly RecordLine[] {
  if (!hasRecord(folder)) return [];
  return readFileSync(join(folder, FILE_NAME), "utf8").split("\n").flatMap(parseLine);
}

function parseLine(text: string): readonly RecordLine[] {
  try {
    const line: unknown = JSON.parse(text);
    const isLine = typeof line === "object" && line !== null && "revision" in line;
    return isLine ? [line as RecordLine] : [];
  } catch {
    return [];
  }
}

export interface RecordWriter {
  readonly write: (lines: readonly RecordLine[]) => void;
  readonly close: () => void;
}

/** Begins a new record, whose first line says how far the data are. */
export function beginRecord(folder: string, first: RecordLine): RecordWriter {
  const path = join(folder, FILE_NAME);
  const fresh = `${path}.new`;
  writeFileSync(fresh, toText([first]), { mode: FILE_MODE });
  renameSync(fresh, path);
  const handle = openSync(path, "a", FILE_MODE);
  return {
    write: (lines) => void writeSync(handle, toText(lines)),
    close: () => closeSync(handle),
  };
}

function toText(lines: readonly RecordLine[]): string {
  return lines.map((line) => `${JSON.stringify(line)}\n`).join("");
}

/** What the record knows and the data do not; empty where all is there, or the record is of other data. */
export function lostLines(
  record: readonly RecordLine[],
  { identity, revision }: Pick<RecordLine, "identity" | "revision">,
): readonly RecordLine[] {
  return record.filter((line) => line.identity === identity && line.revision > revision);
}
