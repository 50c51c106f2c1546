import { type Database } from "better-sqlite3";
import { type OwnStack, type OwnStackContent } from "./types";

interface OwnStackRow {
  readonly id: number;
  readonly name: string;
  readonly semitones: string;
  readonly least_notes: number | null;
}

/** The player's own stacks, in their order. */
export function listOwnStacks(connection: Database): readonly OwnStack[] {
  const rows = connection
    .prepare(
      `SELECT id, name, semitones, least_notes FROM own_stack
       WHERE deleted_at IS NULL ORDER BY position, id`,
    )
    .all() as OwnStackRow[];
  return rows.map(({ id, name, semitones, least_notes: leastNotes }) => ({
    id,
    name,
    stack: JSON.parse(semitones) as number[],
    leastNotes,
  }));
}

/** Adds a stack at the end of the list and returns its id. */
export function addOwnStack(connection: Database, content: OwnStackContent): number {
  const { name, stack, leastNotes } = content;
  const result = connection
    .prepare(
      `INSERT INTO own_stack (name, semitones, least_notes, position)
       VALUES (?, ?, ?, (SELECT coalesce(max(position), 0) + 1 FROM own_stack))`,
    )
    .run(name, JSON.stringify(stack), leastNotes);
  return Number(result.lastInsertRowid);
}

/** Changes a stack. Throws where there is none of that id. */
export function updateOwnStack(connection: Database, id: number, content: OwnStackContent): void {
  const { name, stack, leastNotes } = content;
  const { changes } = connection
    .prepare(
      `UPDATE own_stack SET name = ?, semitones = ?, least_notes = ?
       WHERE id = ? AND deleted_at IS NULL`,
    )
    .run(name, JSON.stringify(stack), leastNotes, id);
  if (changes === 0) throw new RangeError(`There is no stack ${id}.`);
}

/** Marks a stack as deleted; `restoreOwnStack` brings it back to its place. */
export function deleteOwnStack(connection: Database, id: number): void {
  connection
    .prepare("UPDATE own_stack SET deleted_at = strftime('%Y-%m-%dT%H:%M:%fZ', 'now') WHERE id = ?")
    .run(id);
}

export function restoreOwnStack(connection: Database, id: number): void {
  connection.prepare("UPDATE own_stack SET deleted_at = NULL WHERE id = ?").run(id);
}

/** Puts the stacks in the order of these ids; those not named follow as they were. */
export function orderOwnStacks(connection: Database, ids: readonly number[]): void {
  const rest = listOwnStacks(connection)
    .map(({ id }) => id)
    .filter((id) => !ids.includes(id));
  const move = connection.prepare("UPDATE own_stack SET position = ? WHERE id = ?");
  const order = connection.transaction(() => {
    for (const [position, id] of [...ids, ...rest].entries()) move.run(position, id);
  });
  order.immediate();
}
