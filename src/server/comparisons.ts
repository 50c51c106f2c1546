import { type Database } from "better-sqlite3";
import { FIRST_COMPARISON, type Comparison } from "@/formats/address";
import { comparisonSchema } from "./schemas";
import { upgradeSaved } from "./upgrade";
import { type SavedComparison } from "./types";

interface ComparisonRow {
  readonly id: number;
  readonly name: string;
  readonly content: string;
}

/** The comparisons that the player keeps, the newest first. */
export function listComparisons(connection: Database): readonly SavedComparison[] {
  const rows = connection
    .prepare("SELECT id, name, content FROM comparison WHERE deleted_at IS NULL ORDER BY id DESC")
    .all() as ComparisonRow[];
  // One that this Tenon cannot read at all stays where it is, and is not shown.
  return rows.flatMap(({ id, name, content }) => {
    const comparison = upgradeComparison(JSON.parse(content));
    return comparison ? [{ id, name, comparison }] : [];
  });
}

/** A comparison that an earlier Tenon saved, brought up to date; null where it cannot be read. */
export function upgradeComparison(saved: unknown): Comparison | null {
  const defaults: Comparison = { ...FIRST_COMPARISON, columns: [], chords: "" };
  return upgradeSaved(comparisonSchema, saved, defaults)?.value ?? null;
}

/** Keeps a comparison under a name and returns its id. */
export function addComparison(
  connection: Database,
  { name, comparison }: Omit<SavedComparison, "id">,
): number {
  const { lastInsertRowid } = connection
    .prepare("INSERT INTO comparison (name, content) VALUES (?, ?)")
    .run(name, JSON.stringify(comparison));
  return Number(lastInsertRowid);
}

/** Marks a comparison as deleted; `restoreComparison` brings it back to its place. */
export function deleteComparison(connection: Database, id: number): void {
  connection
    .prepare(
      "UPDATE comparison SET deleted_at = strftime('%Y-%m-%dT%H:%M:%fZ', 'now') WHERE id = ?",
    )
    .run(id);
}

export function restoreComparison(connection: Database, id: number): void {
  connection.prepare("UPDATE comparison SET deleted_at = NULL WHERE id = ?").run(id);
}
