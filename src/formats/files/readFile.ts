import { failure, success, type Result } from "@/core/result";
import { type Tuning } from "@/core/tuning";
import { readSheet } from "@/formats/chartText";
import { readSongTable, readTable, readTuningsTable } from "@/formats/csv";
import { readJson } from "@/formats/songJson";
import { readMidi } from "@/formats/midi";
import { readMusicXml, scoreBytesOf } from "@/formats/musicxml";
import { type FormatProblem, type ReadScore, type Score } from "@/formats/score";
import { readTab } from "@/formats/tab";
import { decodeText } from "./decode";
import { detectKind } from "./detect";
import { type ReadKind } from "@/formats/fileKinds";

/** What was read of a file. */
export type ReadFile =
  | {
      readonly kind: "song";
      readonly from: ReadKind;
      readonly score: Score;
      readonly isTuningGuessed?: boolean;
      /** The chart that it is, where it is one; null for other formats. */
      readonly text: string | null;
      readonly problems: readonly FormatProblem[];
    }
  | {
      readonly kind: "tunings";
      readonly from: ReadKind;
      readonly tunings: readonly Tuning[];
      readonly problems: readonly FormatProblem[];
    };

/** Larger than any song that is no hoax. */
export const MAX_BYTES = 16 * 1024 * 1024;

/**
 * Reads a song or tunings from bytes or a text, as the kind that is said or that the content shows. The problem says what
 * keeps it from being read at all; what of it was not understood stands beside what was.
 */
export function readFile(content: Uint8Array | string, from?: ReadKind): Result<ReadFile> {
  if (content.length > MAX_BYTES) {
    const size = Math.ceil(content.length / 1024 / 1024);
    return failure("input", `${size} MB; a song has at most ${MAX_BYTES / 1024 / 1024}`);
  }
  if (content.length === 0) return failure("input", "it is empty");
  const kind = from ?? detectKind(content);
  if (kind === null) {
    return failure(
      "input",
      "this is no chart, tablature, MusicXML, MIDI file or table that Tenon reads",
    );
  }
  if (kind === "midi" || kind === "mxl") return readBytes(content, kind);
  const text = typeof content === "string" ? content : decodeText(content);
  switch (kind) {
    case "chordpro":
    case "bars":
      return success({ kind: "song", from: kind, text, ...readSheet(text.replace(/^\uFEFF/, "")) });
    case "tab":
      return song(kind, success(readTab(text)));
    case "musicxml":
      return song(kind, readMusicXml(text));
    case "json":
      return readOwn(text);
    case "csv":
      return readCsv(text);
  }
}

function readBytes(content: Uint8Array | string, kind: "midi" | "mxl"): Result<ReadFile> {
  const bytes = typeof content === "string" ? latin1(content) : content;
  if (kind === "midi") return song(kind, readMidi(bytes));
  const score = scoreBytesOf(bytes);
  return score.ok ? song(kind, readMusicXml(decodeText(score.value))) : score;
}

function latin1(text: string): Uint8Array {
  return Uint8Array.from(text, (sign) => sign.charCodeAt(0) & 0xff);
}

function song(from: ReadKind, read: Result<ReadScore>): Result<ReadFile> {
  return read.ok ? success({ kind: "song", from, text: null, ...read.value }) : read;
}

function readOwn(text: string): Result<ReadFile> {
  const read = readJson(text.replace(/^\uFEFF/, ""));
  if (!read.ok) return read;
  const { value } = read;
  return success(
    value.kind === "song"
      ? { kind: "song", from: "json", score: value.score, text: null, problems: [] }
      : { kind: "tunings", from: "json", tunings: value.tunings, problems: [] },
  );
}

function readCsv(text: string): Result<ReadFile> {
  const table = readTable(text);
  if (!table.ok) return table;
  const { columns } = table.value;
  if (columns.includes("chord")) return song("csv", readSongTable(table.value));
  if (columns.includes("strings") || columns.includes("tuning")) {
    const read = readTuningsTable(table.value);
    return read.ok ? success({ kind: "tunings", from: "csv", ...read.value }) : read;
  }
  return failure(
    "input",
    `its columns are ${columns.slice(0, 8).join(", ")}; a song has chord, tunings have tuning and strings`,
  );
}
