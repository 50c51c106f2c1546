import { type Database } from "better-sqlite3";
import { type Schema } from "yup";
import { type Kept, type Listed, type ListedKind } from "@/state";
import { type Upgraded } from "@/state/saved";
import { prepared } from "./prepared";

export type SqlValue = string | number | null;
type Row = Readonly<Record<string, SqlValue>>;

/** How one kind of thing is kept in its table: its statements, and the way from rows to values and back. */
export interface Keeper<K extends ListedKind = ListedKind> {
  readonly kind: K;
  /** What it is called in a refusal: "guitar". */
  readonly called: string;
  /** What a value must be. */
  readonly schema: Schema<Kept[K]>;
  /** SELECT of all columns from the table, to be narrowed by a WHERE. */
  readonly select: string;
  /** INSERT of @id, @revision and the columns of `toRow`. */
  readonly insert: string;
  /** UPDATE of the columns of `toRow` and @revision where id = @id. */
  readonly update: string;
  /** UPDATE of deleted_at = @deletedAt and @revision where id = @id. */
  readonly mark: string;
  readonly toRow: (value: Kept[K]) => Readonly<Record<string, SqlValue>>;
  /** Null where this Tenon cannot read the row, which then stays as it is. */
  readonly fromRow: (row: Row) => Upgraded<Kept[K]> | null;
  /** In a table of very many rows: which of them might not be read, as a condition; all where this is left out. */
  readonly suspect?: string;
  /** What lists show of it; all where this is left out. */
  readonly listed?: (value: Kept[K]) => Listed[K];
  /** Something alive that is the same, so that a second one is not wanted. */
  readonly findSame?: (connection: Database, value: Kept[K]) => number | null;
  /** What else must change with the fields that do. */
  readonly fit?: (value: Kept[K], fields: Partial<Kept[K]>) => Kept[K];
  /** Throws `Refused` where it must stay. */
  readonly mayDelete?: (connection: Database, id: number) => void;
}

/** A row as it is now. */
export interface Stored<K extends ListedKind> {
  readonly id: number;
  readonly revision: number;
  readonly deleted: boolean;
  readonly value: Kept[K];
  /** Fields that made no sense, and what they are shown as instead. */
  readonly replaced: readonly string[];
}

/** All that are not deleted and can be read. */
export function listKept<K extends ListedKind>(
  connection: Database,
  keeper: Keeper<K>,
): readonly Stored<K>[] {
  const rows = prepared(connection, `${keeper.select} WHERE deleted_at IS NULL ORDER BY id`).all();
  const before = listedBefore(connection, keeper);
  const now = new Map<number, ListedRow>();
  for (const row of rows as Row[]) {
    const known = before.get(Number(row.id));
    const isSame = known !== undefined && hasSameColumns(known.row, row);
    now.set(Number(row.id), isSame ? known : { row, kept: stored(keeper, row) });
  }
  rowsListed.get(connection)?.set(keeper.kind, now);
  return [...now.values()].flatMap(({ kept }) => (kept as Stored<K> | null) ?? []);
}

/** A row as it was last listed, and what it was read as: most rows are the same at the next look, and reading takes long. */
interface ListedRow {
  readonly row: Row;
  readonly kept: Stored<ListedKind> | null;
}

const rowsListed = new WeakMap<Database, Map<ListedKind, ReadonlyMap<number, ListedRow>>>();

function listedBefore(connection: Database, { kind }: Pick<Keeper, "kind">) {
  const kinds = rowsListed.get(connection) ?? new Map<ListedKind, Map<number, ListedRow>>();
  rowsListed.set(connection, kinds);
  return kinds.get(kind) ?? new Map<number, ListedRow>();
}

function hasSameColumns(one: Row, other: Row): boolean {
  for (const name in one) if (one[name] !== other[name]) return false;
  return true;
}

/** The same one after the other, so that only one is in memory. */
export function* eachKept<K extends ListedKind>(
  connection: Database,
  keeper: Keeper<K>,
): Generator<Stored<K>> {
  const rows = connection.prepare(`${keeper.select} WHERE deleted_at IS NULL ORDER BY id`);
  for (const row of rows.iterate()) {
    const found = stored(keeper, row as Row);
    if (found) yield found;
  }
}

/** How many are not deleted and can be read. */
export function countKept(connection: Database, keeper: Keeper): number {
  const kept = eachKept(connection, keeper);
  let count = 0;
  while (!kept.next().done) count++;
  return count;
}

/** The first of them, without reading the others; undefined where there is none. */
export function firstKept<K extends ListedKind>(
  connection: Database,
  keeper: Keeper<K>,
): Stored<K> | undefined {
  const rows = prepared(connection, `${keeper.select} WHERE deleted_at IS NULL ORDER BY id`);
  for (const row of rows.iterate()) {
    const found = stored(keeper, row as Row);
    if (found) return found;
  }
  return undefined;
}

/** One of them, deleted or not; undefined where there is none of that number, or it cannot be read. */
export function findKept<K extends ListedKind>(
  connection: Database,
  keeper: Keeper<K>,
  id: number,
): Stored<K> | undefined {
  const row = prepared(connection, `${keeper.select} WHERE id = ?`).get(id) as Row | undefined;
  return (row && stored(keeper, row)) ?? undefined;
}

/** All that were changed after a revision, deleted ones too. */
export function changedSince<K extends ListedKind>(
  connection: Database,
  keeper: Keeper<K>,
  revision: number,
): readonly Stored<K>[] {
  const rows = prepared(connection, `${keeper.select} WHERE revision > ? ORDER BY id`).all(
    revision,
  );
  return (rows as Row[]).flatMap((row) => stored(keeper, row) ?? []);
}

/** Rows that this Tenon cannot read, as they stand. */
export function unreadableRows(connection: Database, keeper: Keeper): readonly Row[] {
  const where = keeper.suspect ? `WHERE ${keeper.suspect} ` : "";
  const rows = prepared(connection, `${keeper.select} ${where}ORDER BY id`).all() as Row[];
  return rows.filter((row) => stored(keeper, row) === null);
}

function stored<K extends ListedKind>(keeper: Keeper<K>, row: Row): Stored<K> | null {
  const read = keeper.fromRow(row);
  if (!read) return null;
  const { id, revision, deleted_at: deletedAt } = row;
  return {
    id: Number(id),
    revision: Number(revision),
    deleted: deletedAt !== null,
    value: read.value,
    replaced: read.replaced,
  };
}
