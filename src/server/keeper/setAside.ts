import { type Database } from "better-sqlite3";
import { PLAYER_ID } from "@/state";
import { prepared } from "./prepared";

/** Keeps what is about to be written over although it could not be read whole. `select` gives its one column. */
export function setAside(connection: Database, kind: string, select: string, id: number): void {
  const content = prepared(connection, select).pluck().get(id);
  if (typeof content !== "string") return;
  prepared(connection, "INSERT INTO set_aside (player_id, kind, content) VALUES (?, ?, ?)").run(
    PLAYER_ID,
    kind,
    content,
  );
}

interface SetAside {
  readonly kind: string;
  readonly content: string;
  readonly setAsideAt: string;
}

/** What was set aside, the oldest first. */
export function listSetAside(connection: Database): readonly SetAside[] {
  return prepared(
    connection,
    "SELECT kind, content, set_aside_at AS setAsideAt FROM set_aside ORDER BY id",
  ).all() as SetAside[];
}
