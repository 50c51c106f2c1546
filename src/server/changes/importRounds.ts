import { type Database } from "better-sqlite3";
import { prepared } from "@/server/keeper";
import { roundKeeper } from "@/server/practice";
import { type RoundContent } from "@/state";
import { nextId } from "@/wire";
import { nextRevision } from "./revision";

/** What came of rounds from a file. */
interface Imported {
  readonly added: number;
  /** Rounds of the same time and drill are in the log already. */
  readonly known: number;
  /** Under which they can be taken back together. */
  readonly batch: number;
}

/** Adds rounds to the log in one transaction; those that it has already are left out. */
export function importRounds(
  connection: Database,
  rounds: readonly RoundContent[],
  nowMs: number,
): Imported {
  const has = prepared(
    connection,
    "SELECT 1 FROM round WHERE drill = ? AND at_ms = ? AND deleted_at IS NULL",
  ).pluck();
  const insert = prepared(connection, roundKeeper.insert);
  const mark = prepared(connection, "UPDATE round SET batch = ? WHERE id = ?");
  const batch = nextId(nowMs, Math.random());
  const all = connection.transaction((): Imported => {
    const revision = nextRevision(connection);
    let added = 0;
    for (const round of rounds) {
      if (has.get(round.drill, round.atMs) !== undefined) continue;
      const id = nextId(nowMs, Math.random());
      insert.run({ ...roundKeeper.toRow(round), id, revision });
      mark.run(batch, id);
      added++;
    }
    return { added, known: rounds.length - added, batch };
  });
  return all.immediate();
}

/** Takes the rounds of one file out of the log again; answers how many. */
export function undoRoundImport(connection: Database, batch: number): number {
  const all = connection.transaction(() => {
    const revision = nextRevision(connection);
    return prepared(
      connection,
      "UPDATE round SET deleted_at = ?, revision = ? WHERE batch = ? AND deleted_at IS NULL",
    ).run(new Date().toISOString(), revision, batch).changes;
  });
  return all.immediate();
}
