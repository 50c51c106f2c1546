import { type Database } from "better-sqlite3";
import { GOAL_BPM, type DrillKind } from "@/core/drill";
import { afterRound, estimateOf, firstBelief, medianOf, type Belief } from "@/core/practice";
import { type RoundResult } from "@/core/recall";
import { DEFAULT_TEMPO_BPM, readChart } from "@/core/song";
import { findKept } from "@/server/keeper";
import {
  type FasterDrill,
  type LogDrill,
  type LoggedNote,
  type LoggedRound,
  type LogSpan,
  type LogSums,
  type LogView,
  type Span,
} from "@/wire";
import { type LogFilter } from "@/state";
import { journalKeeper, roundKeeper } from "./keepers";
import { spanFor, spanStart } from "./spans";

const PAGE = 40;
const MAX_DRILLS = 60;
const MAX_HARDEST = 8;
/** Fewer rounds than this say nothing about how hard a drill is (a judgement). */
const FEWEST_ROUNDS = 5;

type Values = Readonly<Record<string, string | number | null>>;

/** A part of the log: sums by time, by drill, and one page of rounds and notes from `before` on, an index from the newest. */
export function readLog(connection: Database, filter: LogFilter, skip = 0): LogView {
  const where = whereOf(filter);
  const values: Values = { ...filter };
  const byDay = connection
    .prepare(
      `SELECT day, kind, count(*) AS rounds, sum(seconds) AS seconds, sum(result = 'clean') AS clean,
         sum(result = 'missed') AS missed
       FROM round WHERE ${where} GROUP BY day, kind ORDER BY day, kind`,
    )
    .raw()
    .all(values) as readonly DayRow[];
  const span = spanFor(byDay[0]?.[0] ?? null, byDay.at(-1)?.[0] ?? null);
  const details =
    filter.drill === null
      ? new Map<string, SpanDetails>()
      : detailsOf(connection, where, values, span);
  const spans = new Map<string, LogSpan>();
  let total = NOTHING;
  let [day, from] = ["", ""];
  for (const [rowDay, kind, rounds, seconds, clean, missed] of byDay) {
    // Days come in their order, so that each is looked up once.
    if (rowDay !== day) [day, from] = [rowDay, spanStart(rowDay, span)];
    const old = spans.get(from);
    const row = { rounds, seconds, clean, missed };
    total = added(total, row);
    spans.set(from, {
      from,
      ...added(old, row),
      secondsByKind: {
        ...old?.secondsByKind,
        [kind]: (old?.secondsByKind[kind] ?? 0) + seconds,
      },
      bestBpm: details.get(from)?.bestBpm ?? null,
      medianMs: details.get(from)?.medianMs ?? null,
      estimate: details.get(from)?.estimate ?? null,
    });
  }
  const drills = drillsIn(connection, where, values);
  return {
    total,
    span,
    spans: [...spans.values()],
    goalBpm: goalOf(connection, filter.drill),
    drills: drills.slice(0, MAX_DRILLS).map((drill) => named(connection, drill)),
    hardest: drills
      .filter(
        ({ kind, rounds, missed }) =>
          (kind === "move" || kind === "song") && rounds >= FEWEST_ROUNDS && missed > 0,
      )
      .toSorted((a, b) => b.missed / b.rounds - a.missed / a.rounds || b.rounds - a.rounds)
      .slice(0, MAX_HARDEST)
      .map((drill) => named(connection, drill)),
    faster: fasterDrills(connection, where, values),
    ...pageOf(connection, where, filter, values, skip),
  };
}

type DayRow = readonly [
  day: string,
  kind: DrillKind,
  rounds: number,
  seconds: number,
  clean: number,
  missed: number,
];

const NOTHING: LogSums = { rounds: 0, seconds: 0, clean: 0, missed: 0 };

function added(old: LogSums | undefined, sums: LogSums): LogSums {
  const { rounds, seconds, clean, missed } = old ?? NOTHING;
  return {
    rounds: rounds + sums.rounds,
    seconds: seconds + sums.seconds,
    clean: clean + sums.clean,
    missed: missed + sums.missed,
  };
}

function whereOf({ from, to, kind, drill, songId }: LogFilter): string {
  return [
    "deleted_at IS NULL",
    ...(from === null ? [] : ["day >= @from"]),
    ...(to === null ? [] : ["day <= @to"]),
    ...(kind === null ? [] : ["kind = @kind"]),
    ...(drill === null ? [] : ["drill = @drill"]),
    ...(songId === null ? [] : ["song_id = @songId"]),
  ].join(" AND ");
}

type SpanDetails = Pick<LogSpan, "bestBpm" | "medianMs" | "estimate">;

const SONG_DRILL = /^song:(\d+):/;

/** The tempo that a drill leads to: its song's, or that of all drills of movement and sound. */
function goalOf(connection: Database, drill: string | null): number | null {
  if (drill === null) return null;
  const [, songId] = SONG_DRILL.exec(drill) ?? [];
  if (songId === undefined) return /^(?:move|sound):/.test(drill) ? GOAL_BPM : null;
  const chart = connection
    .prepare("SELECT chart FROM song WHERE id = ? AND deleted_at IS NULL")
    .pluck()
    .get(Number(songId));
  return typeof chart === "string" ? (readChart(chart).tempoBpm ?? DEFAULT_TEMPO_BPM) : null;
}

/** The fastest clean round of each span, how its strums fell, and what the drill held at when it ended. */
function detailsOf(
  connection: Database,
  where: string,
  values: Values,
  span: Span,
): ReadonlyMap<string, SpanDetails> {
  const rows = connection
    .prepare(
      `SELECT day, at_ms AS atMs, bpm, room_quarters AS roomQuarters, step, result, median_ms AS medianMs
       FROM round WHERE ${where} ORDER BY at_ms, id`,
    )
    .all(values) as readonly {
    readonly day: string;
    readonly atMs: number;
    readonly bpm: number | null;
    readonly roomQuarters: number;
    readonly step: string;
    readonly result: RoundResult;
    readonly medianMs: number | null;
  }[];
  const bySpan = new Map<string, (typeof rows)[number][]>();
  for (const row of rows) {
    const from = spanStart(row.day, span);
    const all = bySpan.get(from);
    if (all) all.push(row);
    else bySpan.set(from, [row]);
  }
  let belief: Belief | null = null;
  return new Map(
    [...bySpan].map(([from, all]): [string, SpanDetails] => {
      for (const { atMs, bpm, roomQuarters, step, result } of all) {
        if (bpm === null || roomQuarters > 0 || step !== "whole") continue;
        belief = afterRound(belief ?? firstBelief(bpm, atMs), { atMs, bpm, result });
      }
      const clean = all.flatMap(({ bpm, result }) => (result === "clean" && bpm ? [bpm] : []));
      const medians = all.flatMap(({ medianMs }) => medianMs ?? []);
      const bestBpm = clean.length > 0 ? Math.max(...clean) : null;
      const estimate = belief && estimateOf(belief);
      return [from, { bestBpm, medianMs: medianOf(medians), estimate }];
    }),
  );
}

type CountedDrill = Omit<LogDrill, "name">;

/** Rounds of one drill and one result. */
interface DrillRow {
  readonly drill: string;
  readonly kind: DrillKind;
  readonly result: RoundResult;
  readonly rounds: number;
  readonly seconds: number;
  readonly bpm: number | null;
  readonly lastMs: number;
}

/** The drill that was played last comes first. */
function drillsIn(connection: Database, where: string, values: Values): readonly CountedDrill[] {
  const rows = connection
    .prepare(
      `SELECT drill, kind, result, count(*) AS rounds, sum(seconds) AS seconds, max(bpm) AS bpm,
         max(at_ms) AS lastMs
       FROM round WHERE ${where} GROUP BY drill, kind, result`,
    )
    .all(values) as readonly DrillRow[];
  const drills = new Map<string, CountedDrill>();
  for (const row of rows) {
    const { drill, kind, result, rounds, seconds, bpm, lastMs } = row;
    const old = drills.get(drill);
    const count = (one: RoundResult) => (result === one ? rounds : 0);
    drills.set(drill, {
      drill,
      kind,
      ...added(old, { rounds, seconds, clean: count("clean"), missed: count("missed") }),
      bestBpm: result === "clean" ? bpm : (old?.bestBpm ?? null),
      lastMs: Math.max(lastMs, old?.lastMs ?? 0),
    });
  }
  return [...drills.values()].sort((a, b) => b.lastMs - a.lastMs || (a.drill < b.drill ? -1 : 1));
}

/** Drills whose best clean tempo rose since their first clean day; whole chords only. */
function fasterDrills(connection: Database, where: string, values: Values): readonly FasterDrill[] {
  const rows = connection
    .prepare(
      `WITH clean AS (
         SELECT drill, day, bpm FROM round
         WHERE ${where} AND result = 'clean' AND step = 'whole' AND bpm IS NOT NULL
       ), first AS (SELECT drill, min(day) AS day FROM clean GROUP BY drill)
       SELECT drill, max(CASE WHEN clean.day = first.day THEN bpm END) AS firstBpm,
         max(bpm) AS bestBpm, first.day AS since
       FROM clean JOIN first USING (drill) GROUP BY drill HAVING bestBpm > firstBpm
       ORDER BY bestBpm / firstBpm DESC, drill LIMIT ${MAX_HARDEST}`,
    )
    .all(values) as readonly Omit<FasterDrill, "name">[];
  return rows.map((row) => ({ ...row, name: nameOf(connection, row.drill) }));
}

/** As it was called the last time. */
function named(connection: Database, counted: CountedDrill): LogDrill {
  return { ...counted, name: nameOf(connection, counted.drill) };
}

function nameOf(connection: Database, drill: string): string {
  const name = connection
    .prepare(
      "SELECT name FROM round WHERE drill = ? AND deleted_at IS NULL ORDER BY at_ms DESC LIMIT 1",
    )
    .pluck()
    .get(drill);
  return String(name);
}

function pageOf(
  connection: Database,
  where: string,
  filter: LogFilter,
  values: Values,
  skip: number,
): Pick<LogView, "rounds" | "notes" | "next"> {
  const ids = connection
    .prepare(
      `SELECT id FROM round WHERE ${where} ORDER BY at_ms DESC, id DESC LIMIT ${PAGE + 1} OFFSET @skip`,
    )
    .pluck()
    .all({ ...values, skip }) as readonly number[];
  const rounds = ids.slice(0, PAGE).flatMap((id): readonly LoggedRound[] => {
    const found = findKept(connection, roundKeeper, id);
    if (!found) return [];
    const { change: _change, card: _card, ...round } = found.value;
    return [{ ...round, id }];
  });
  const isWhole = filter.kind === null && filter.drill === null && filter.songId === null;
  return {
    rounds,
    notes: isWhole && skip === 0 ? notesIn(connection, filter) : [],
    next: ids.length > PAGE ? skip + PAGE : null,
  };
}

function notesIn(connection: Database, filter: LogFilter): readonly LoggedNote[] {
  const where = whereOf({ ...filter, kind: null, drill: null, songId: null });
  const ids = connection
    .prepare(`SELECT id FROM journal WHERE ${where} ORDER BY at_ms DESC LIMIT ${PAGE}`)
    .pluck()
    .all({ from: filter.from, to: filter.to }) as readonly number[];
  return ids.flatMap((id) => {
    const found = findKept(connection, journalKeeper, id);
    return found ? [{ ...found.value, id }] : [];
  });
}
