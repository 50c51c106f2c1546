import { type Database } from "better-sqlite3";
import { findKept } from "@/server/keeper";
import { type RoundContent } from "@/state";
import { roundKeeper } from "./keepers";

/** All rounds, the oldest first, one after the other. */
export function* roundsByTime(connection: Database): Generator<RoundContent> {
  const ids = connection
    .prepare<[], number>("SELECT id FROM round WHERE deleted_at IS NULL ORDER BY at_ms, id")
    .pluck()
    .all();
  for (const id of ids) {
    const found = findKept(connection, roundKeeper, id);
    if (found) yield found.value;
  }
}
