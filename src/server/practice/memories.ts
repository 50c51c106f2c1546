import { type Database } from "better-sqlite3";
import { memoryAfter, type Memory, type Review } from "@/core/recall";

/** What was worked out before, up to a revision: rounds change it only by being added, edited or deleted. */
interface Known {
  /** Of the data: others under the same name are others. */
  readonly identity: string;
  revision: number;
  readonly memories: Map<string, Memory>;
}

const known = new WeakMap<Database, Known>();

/** What is remembered of every card, from all its answers in the log. */
export function readMemories(connection: Database): ReadonlyMap<string, Memory> {
  const identity = String(
    connection.prepare("SELECT identity FROM data WHERE id = 1").pluck().get(),
  );
  const last = known.get(connection);
  const before: Known =
    last?.identity === identity ? last : { identity, revision: -1, memories: new Map() };
  const revision = Number(
    connection.prepare("SELECT coalesce(max(revision), 0) FROM round").pluck().get(),
  );
  const changed = (
    before.revision < 0
      ? connection.prepare(
          "SELECT DISTINCT card FROM round WHERE deleted_at IS NULL AND card IS NOT NULL",
        )
      : connection.prepare(
          "SELECT DISTINCT card FROM round WHERE revision > ? AND card IS NOT NULL",
        )
  )
    .pluck()
    .all(...(before.revision < 0 ? [] : [before.revision])) as readonly string[];
  const reviews = connection.prepare<[string], Review>(
    `SELECT at_ms AS atMs, result FROM round WHERE card = ? AND deleted_at IS NULL ORDER BY at_ms, id`,
  );
  for (const card of changed) {
    const memory = memoryAfter(reviews.all(card));
    if (memory) before.memories.set(card, memory);
    else before.memories.delete(card);
  }
  before.revision = revision;
  known.set(connection, before);
  return before.memories;
}
