import { type Database } from "better-sqlite3";
import { type Choice } from "./types";

/** The last choice as it was saved, unchecked; null where there is none. */
export function loadChoice(connection: Database): unknown {
  const row = connection.prepare("SELECT choice FROM workspace WHERE id = 1").get() as
    { choice: string } | undefined;
  return row ? JSON.parse(row.choice) : null;
}

export function saveChoice(connection: Database, choice: Choice): void {
  connection
    .prepare(
      `INSERT INTO workspace (id, choice) VALUES (1, ?)
       ON CONFLICT (id) DO UPDATE SET choice = excluded.choice`,
    )
    .run(JSON.stringify(choice));
}
