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
  const insert = prepared(connection, roundKeeper.insert);
  const batch = nextId(nowMs, Math.random());
  // Made before the file is locked for others.
  const rows = rounds.map((round) => roundKeeper.toRow(round));
  const all = connection.transaction((): Imported => {
    const revision = nextRevision(connection);
    const known = knownRounds(connection);
    let added = 0;
    for (const row of rows) {
      const key = roundKey(String(row.drill), Number(row.atMs));
      if (known.has(key)) continue;
      known.add(key);
      insert.run(Object.assign(row, { id: nextId(nowMs, Math.random()), revision }));
      added++;
    }
    prepared(connection, "UPDATE round SET batch = ? WHERE revision = ?").run(batch, revision);
    return { added, known: rounds.length - added, batch };
  });
  return all.immediate();
}

/** All rounds by drill and time: one query for all takes less than one for each round. */
function knownRounds(connection: Database): Set<string> {
  const rows = connection
    .prepare<[], [string, number]>("SELECT drill, at_ms FROM round WHERE deleted_at IS NULL")
    .raw()
    .iterate();
  const known = new Set<string>();
  for (const [drill, atMs] of rows) known.add(roundKey(drill, atMs));
  return known;
}

function roundKey(drill: string, atMs: number): string {
  return `${atMs} ${drill}`;
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
