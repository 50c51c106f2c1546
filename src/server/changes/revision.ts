import { type Database } from "better-sqlite3";
import { prepared } from "@/server/keeper";

/** Which data these are, and how many changes they have seen. */
interface DataMark {
  readonly identity: string;
  readonly revision: number;
}

export function dataMark(connection: Database): DataMark {
  return prepared(connection, "SELECT identity, revision FROM data WHERE id = 1").get() as DataMark;
}

/** Counts one more change and returns its number. */
export function nextRevision(connection: Database): number {
  return prepared(
    connection,
    "UPDATE data SET revision = revision + 1 WHERE id = 1 RETURNING revision",
  )
    .pluck()
    .get() as number;
}

/** The revision of a change that was made already, by the key that its page gave it; null where it was not. */
export function revisionOf(connection: Database, key: string): number | null {
  const found = prepared(connection, "SELECT revision FROM change WHERE key = ?").pluck().get(key);
  return typeof found === "number" ? found : null;
}

/** Pages that were away for longer than so many changes may send theirs a second time. */
const REMEMBERED = 50_000;

/** Records a change under its key. */
export function recordChange(
  connection: Database,
  key: string,
  playerId: number,
  revision: number,
): void {
  prepared(connection, "INSERT INTO change (key, player_id, revision) VALUES (?, ?, ?)").run(
    key,
    playerId,
    revision,
  );
  prepared(connection, "DELETE FROM change WHERE revision <= ?").run(revision - REMEMBERED);
}
