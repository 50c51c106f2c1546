import { parse, unparse } from "papaparse";
import { pitchTexts, type Midi } from "@/core/pitch";
import { readTuning } from "@/core/tuning";
import { remembered, type RoundContent } from "@/state";
import { manyChecker, roundSchema } from "@/state/schema";
import { delimiterOf } from "./table";

/** The columns of a log, in their order; in a log from elsewhere only the first three must be there. */
const COLUMNS = [
  "when",
  "drill",
  "result",
  "name",
  "kind",
  "seconds",
  "tempo",
  "room",
  "step",
  "early or late ms",
  "spread ms",
  "tuning",
  "guitar",
  "song",
  "card",
  "change",
  "note",
] as const;
const NEEDED = ["when", "drill", "result"] as const;

const MS_A_MINUTE = 60_000;
/** So many lines are told one by one. */
const MAX_PROBLEMS = 20;
export const MAX_ROUNDS = 200_000;

/** A log as comma-separated values, lines as RFC 4180 has them, a part at a time. */
export function* roundsCsv(rounds: Iterable<RoundContent>): Generator<string> {
  const tuningText = remembered((midi) =>
    pitchTexts(JSON.parse(midi) as readonly Midi[]).join(" "),
  );
  const text = (rows: readonly Cells[]) =>
    `${unparse(rows as Cells[], { escapeFormulae: true })}\r\n`;
  let rows: Cells[] = [COLUMNS];
  for (const round of rounds) {
    rows.push(cellsOf(round, tuningText));
    if (rows.length < ROWS_AT_ONCE) continue;
    yield text(rows);
    rows = [];
  }
  if (rows.length > 0) yield text(rows);
}

const ROWS_AT_ONCE = 1000;
type Cells = readonly (string | number)[];

function cellsOf(round: RoundContent, tuningText: (midi: string) => string): Cells {
  return [
    whenText(round),
    round.drill,
    round.result,
    round.name,
    round.kind,
    round.seconds,
    round.bpm ?? "",
    round.roomQuarters,
    round.step,
    round.medianMs ?? "",
    round.spreadMs ?? "",
    tuningText(JSON.stringify(round.tuningMidi)),
    round.guitarId ?? "",
    round.songId ?? "",
    round.card ?? "",
    round.change ? JSON.stringify(round.change) : "",
    round.note,
  ];
}

/** What a table of rounds held. */
interface ReadRounds {
  readonly rounds: readonly RoundContent[];
  /** Lines that are no rounds, and why; the first twenty. */
  readonly problems: readonly string[];
  /** How many lines there were that are no rounds. */
  readonly refused: number;
}

/**
 * Reads a table of rounds: commas, semicolons or tabs, with or without a byte order mark, its first line naming the
 * columns in any order. Columns that Tenon does not know are left out, lines that make no sense are told.
 */
export function readRoundsCsv(text: string, ofGuitar: (id: number) => boolean): ReadRounds {
  const rounds: RoundContent[] = [];
  const problems: string[] = [];
  let refused = 0;
  let readRow: ReturnType<typeof rowReader> | null = null;
  let columns: readonly string[] = [];
  let line = 0;
  parse<readonly string[]>(text.replace(/^\uFEFF/, ""), {
    delimiter: delimiterOf(text),
    // Row by row, so that no table of all cells is made.
    step: ({ data: row }) => {
      line++;
      if (row.every((cell) => cell.trim() === "")) return;
      if (readRow === null) {
        columns = row.map((name) => name.trim().toLowerCase());
        readRow = rowReader(columns, ofGuitar);
        return;
      }
      const read =
        rounds.length < MAX_ROUNDS ? readRow(row) : "more rounds than Tenon takes at once";
      if (typeof read !== "string") {
        rounds.push(read);
        return;
      }
      refused++;
      if (problems.length < MAX_PROBLEMS) problems.push(`Line ${line}: ${read}.`);
    },
  });
  const missing = NEEDED.filter((name) => !columns.includes(name));
  if (missing.length === 0) return { rounds, problems, refused };
  const found = columns.filter((name) => name !== "");
  const has = found.length > 0 ? `it has ${found.slice(0, 8).join(", ")}` : "it has none";
  return {
    rounds: [],
    refused: refused + rounds.length,
    problems: [
      `Line 1: there is no column ${missing.join(", ")}; ${has}. A log has at least when, drill and result.`,
    ],
  };
}

type ColumnName = (typeof COLUMNS)[number];

/** Reads rows under these columns: a round, or what is wrong with it. */
function rowReader(
  columns: readonly string[],
  ofGuitar: (id: number) => boolean,
): (row: readonly string[]) => RoundContent | string {
  const placeOf = new Map(columns.map((name, place) => [name, place]));
  const whyNot = manyChecker(roundSchema);
  const tuningMidi = remembered((text) => {
    const tuning = text === "" ? null : readTuning(text);
    return tuning?.ok ? tuning.value.tuning.midi : [];
  });
  const change = remembered(readChange);
  return (row) => {
    const cell = (name: ColumnName) =>
      (row[placeOf.get(name) ?? -1] ?? "").trim().replace(/^'(?=[=+\-@])/, "");
    const number = (name: ColumnName) => {
      const text = cell(name).replace(",", ".");
      return text === "" ? null : Number(text);
    };
    const when = readWhen(cell("when"));
    if (!when) {
      return `'${short(cell("when"))}' is no time; write it like 2026-03-29T18:30:00+02:00`;
    }
    const drill = cell("drill");
    const guitarId = number("guitar");
    const round = {
      atMs: when.atMs,
      zoneMin: when.zoneMin,
      drill,
      kind: cell("kind") || drill.slice(0, Math.max(0, drill.indexOf(":"))),
      name: cell("name") || drill,
      result: cell("result").toLowerCase(),
      seconds: number("seconds") ?? 0,
      guitarId: guitarId !== null && ofGuitar(guitarId) ? guitarId : null,
      tuningMidi: tuningMidi(cell("tuning")),
      songId: number("song"),
      bpm: number("tempo"),
      roomQuarters: number("room") ?? 0,
      step: cell("step") || "whole",
      medianMs: number("early or late ms"),
      spreadMs: number("spread ms"),
      card: cell("card") || null,
      change: change(cell("change")),
      note: cell("note"),
    };
    return whyNot(round) ?? (round as RoundContent);
  };
}

function readChange(text: string): unknown {
  if (text === "") return null;
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
}

/** "2026-03-29T18:30:00+02:00", as the clock on the wall had it. */
function whenText({ atMs, zoneMin }: Pick<RoundContent, "atMs" | "zoneMin">): string {
  const local = new Date(atMs + zoneMin * MS_A_MINUTE).toISOString().slice(0, -1);
  const [hours, minutes] = [Math.floor(Math.abs(zoneMin) / 60), Math.abs(zoneMin) % 60];
  const two = (value: number) => String(value).padStart(2, "0");
  return `${local}${zoneMin < 0 ? "-" : "+"}${two(hours)}:${two(minutes)}`;
}

const WHEN =
  /^(\d{4}-\d\d-\d\d)(?:[T ](\d\d:\d\d(?::\d\d(?:\.\d{1,3})?)?))?\s*(Z|[+-]\d\d:?\d\d)?$/i;

function readWhen(text: string): { readonly atMs: number; readonly zoneMin: number } | null {
  const found = WHEN.exec(text);
  if (!found) return null;
  const [, day = "", time = "12:00", zone = "Z"] = found;
  const [, sign, hours = "0", minutes = "0"] = /^([+-])(\d\d):?(\d\d)$/.exec(zone) ?? [];
  const zoneMin = (sign === "-" ? -1 : 1) * (Number(hours) * 60 + Number(minutes));
  const localMs = Date.parse(`${day}T${time}Z`);
  return Number.isNaN(localMs) ? null : { atMs: localMs - zoneMin * MS_A_MINUTE, zoneMin };
}

function short(text: string): string {
  return text.length > 40 ? `${text.slice(0, 40)}…` : text;
}
