import { type Database } from "better-sqlite3";
import { type RoundChange } from "@/core/practice";
import { readSaved, ROUND_CHANGE_FORMAT } from "@/state/saved";

/** A round that says how long the hand took: its tightest change, and whether it came in time. */
export interface TimedRound {
  readonly drill: string;
  readonly name: string;
  readonly change: RoundChange;
  readonly isClean: boolean;
}

/** Older rounds say how the hand was. */
const MAX_ROUNDS = 500;

/** The newest rounds in which the hand moved and that came clean or were missed. */
export function readTimedRounds(connection: Database): readonly TimedRound[] {
  const rows = connection
    .prepare(
      `SELECT drill, name, change, result, format FROM round
       WHERE deleted_at IS NULL AND change IS NOT NULL AND result <> 'rough'
       ORDER BY at_ms DESC LIMIT ${MAX_ROUNDS}`,
    )
    .all() as readonly {
    readonly drill: string;
    readonly name: string;
    readonly change: string;
    readonly result: string;
    readonly format: number;
  }[];
  return rows.flatMap(({ drill, name, change, result, format }) => {
    const read = readSaved(ROUND_CHANGE_FORMAT, change, format);
    return read ? [{ drill, name, change: read.value, isClean: result === "clean" }] : [];
  });
}
