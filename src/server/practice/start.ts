import { type Database } from "better-sqlite3";
import { type Step } from "@/core/drill";
import { knowingOf, type RoundResult } from "@/core/recall";
import { type LocalTime } from "@/state";
import { type DrillStanding, type PracticeStart } from "@/wire";
import { localDay } from "./localDay";
import { readMemories } from "./memories";

/** So many rounds of a drill lead to its rung; those before are long climbed over. */
const LADDER_ROUNDS = 20;
const SHARE_ROUNDS = 10;
/** Drills of which more were ever played are long forgotten. */
const MAX_DRILLS = 400;

/** What the room of practice begins with: what is remembered, how each drill stands, and what was done today. */
export function readPractice(connection: Database, now: LocalTime): PracticeStart {
  const drills = connection
    .prepare(
      `SELECT drill FROM round WHERE deleted_at IS NULL GROUP BY drill
       ORDER BY max(at_ms) DESC LIMIT ${MAX_DRILLS}`,
    )
    .pluck()
    .all() as readonly string[];
  const today = connection
    .prepare("SELECT sum(seconds) FROM round WHERE deleted_at IS NULL AND day = ?")
    .pluck()
    .get(localDay(now));
  return {
    cards: [...readMemories(connection)].map(
      ([card, memory]) =>
        [card, { dueMs: memory.dueMs, knowing: knowingOf(memory, now.atMs) }] as const,
    ),
    standings: drills.map((drill) => standingOf(connection, drill)),
    todayS: Number(today ?? 0),
  };
}

interface LastRound {
  readonly id: number;
  readonly atMs: number;
  readonly bpm: number | null;
  readonly roomQuarters: number;
  readonly step: Step;
  readonly result: RoundResult;
}

function standingOf(connection: Database, drill: string): DrillStanding {
  const rounds = connection
    .prepare<[string], LastRound>(
      `SELECT id, at_ms AS atMs, bpm, room_quarters AS roomQuarters, step, result FROM round
       WHERE drill = ? AND deleted_at IS NULL ORDER BY at_ms DESC, id DESC LIMIT ${LADDER_ROUNDS}`,
    )
    .all(drill);
  const last = rounds.slice(0, SHARE_ROUNDS);
  const clean = last.filter(({ result }) => result === "clean").length;
  return {
    drill,
    lastMs: rounds[0]?.atMs ?? 0,
    cleanShare: last.length > 0 ? clean / last.length : 0,
    ladder: rounds
      .toReversed()
      .flatMap(({ id, bpm, roomQuarters, step, result }) =>
        bpm === null ? [] : [{ id, bpm, roomQuarters, step, result }],
      ),
  };
}
