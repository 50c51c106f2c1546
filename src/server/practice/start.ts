import { type Database } from "better-sqlite3";
import { type Step } from "@/core/drill";
import { estimateAfter, type PracticeDay } from "@/core/practice";
import { knowingOf, type RoundResult } from "@/core/recall";
import { type LocalTime } from "@/state";
import { type DrillStanding, type PracticeStart } from "@/wire";
import { dayNumber, localDay } from "./localDay";
import { readMemories } from "./memories";
import { spanStart } from "./spans";

/** So many rounds of a drill tell what it holds at; those before say little more. */
const READ_ROUNDS = 80;
/** So many lead to its rung; those before are long climbed over. */
const LADDER_ROUNDS = 20;
const SHARE_ROUNDS = 10;
const ANSWERS = 20;
/** Drills of which more were ever played are long forgotten. */
const MAX_DRILLS = 400;

/** What the room of practice begins with: what is remembered, how each drill stands, and what was done today. */
export function readPractice(connection: Database, now: LocalTime): PracticeStart {
  const today = localDay(now);
  const secondsSince = (day: string) =>
    Number(
      connection
        .prepare("SELECT sum(seconds) FROM round WHERE deleted_at IS NULL AND day >= ?")
        .pluck()
        .get(day) ?? 0,
    );
  return {
    cards: [...readMemories(connection)].map(
      ([card, memory]) =>
        [card, { dueMs: memory.dueMs, knowing: knowingOf(memory, now.atMs) }] as const,
    ),
    standings: readStandings(connection, now),
    todayS: secondsSince(today),
    weekS: secondsSince(spanStart(today, "week")),
  };
}

/** How each drill stands, those played last first. */
export function readStandings(connection: Database, now: LocalTime): readonly DrillStanding[] {
  const drills = connection
    .prepare(
      `SELECT drill FROM round WHERE deleted_at IS NULL GROUP BY drill
       ORDER BY max(at_ms) DESC LIMIT ${MAX_DRILLS}`,
    )
    .pluck()
    .all() as readonly string[];
  return drills.map((drill) => standingOf(connection, drill, now));
}

interface LastRound {
  readonly id: number;
  readonly atMs: number;
  /** "2026-03-29". */
  readonly day: string;
  readonly bpm: number | null;
  readonly roomQuarters: number;
  readonly step: Step;
  readonly result: RoundResult;
}

function standingOf(connection: Database, drill: string, now: LocalTime): DrillStanding {
  const rounds = connection
    .prepare<[string], LastRound>(
      `SELECT id, at_ms AS atMs, day, bpm, room_quarters AS roomQuarters, step, result FROM round
       WHERE drill = ? AND deleted_at IS NULL ORDER BY at_ms DESC, id DESC LIMIT ${READ_ROUNDS}`,
    )
    .all(drill);
  const last = rounds.slice(0, SHARE_ROUNDS);
  const clean = last.filter(({ result }) => result === "clean").length;
  const today = localDay(now);
  const before = rounds.filter(({ day }) => day < today).toReversed();
  // An easier form of a drill says nothing of the whole.
  const whole = before.flatMap(({ atMs, bpm, roomQuarters, step, result }) =>
    bpm !== null && roomQuarters === 0 && step === "whole" ? [{ atMs, bpm, result }] : [],
  );
  return {
    drill,
    lastMs: rounds[0]?.atMs ?? 0,
    cleanShare: last.length > 0 ? clean / last.length : 0,
    days: daysOf(before),
    estimate: estimateAfter(whole, now.atMs),
    answers: rounds
      .filter(({ bpm }) => bpm === null)
      .slice(0, ANSWERS)
      .map(({ result }) => result)
      .toReversed(),
    ladder: rounds
      .slice(0, LADDER_ROUNDS)
      .toReversed()
      .flatMap(({ id, bpm, roomQuarters, step, result }) =>
        bpm === null ? [] : [{ id, bpm, roomQuarters, step, result }],
      ),
  };
}

/** Rounds by day, both oldest first. */
function daysOf(rounds: readonly LastRound[]): readonly PracticeDay[] {
  const days = new Map<string, LastRound[]>();
  for (const round of rounds) days.set(round.day, [...(days.get(round.day) ?? []), round]);
  return [...days].map(([day, all]) => {
    const clean = all.filter(({ result }) => result === "clean");
    const tempos = clean.flatMap(({ bpm, step }) =>
      bpm !== null && step === "whole" ? [bpm] : [],
    );
    return {
      day: dayNumber(day),
      rounds: all.length,
      clean: clean.length,
      missed: all.filter(({ result }) => result === "missed").length,
      bestCleanBpm: tempos.length > 0 ? Math.max(...tempos) : null,
    };
  });
}
