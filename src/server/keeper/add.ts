import { type Database } from "better-sqlite3";
import { type Kept, type ListedKind } from "@/state";
import { type Keeper } from "./keeper";
import { prepared } from "./prepared";

/**
 * Adds a row and returns its number: the one given, or the next. Without a revision the row counts as there from
 * the beginning, as what Tenon itself makes before any page has asked.
 */
export function addKept<K extends ListedKind>(
  connection: Database,
  keeper: Keeper<K>,
  value: Kept[K],
  { id = null, revision = 0 }: { readonly id?: number | null; readonly revision?: number } = {},
): number {
  const row = { ...keeper.toRow(value), id, revision };
  return Number(prepared(connection, keeper.insert).run(row).lastInsertRowid);
}
