import { remembered } from "@/state";
import { readSaved, type SavedFormat, type Upgraded } from "@/state/saved";
import { type SqlValue } from "./keeper";

/** Reads one JSON column by its format. The same text gives the same value, which must not be changed. */
export function readColumn<T extends object>(
  format: SavedFormat<T>,
  text: SqlValue | undefined,
  version: SqlValue | undefined,
): T | null {
  const readers = readersOf.get(format) ?? new Map<number, (text: string) => object | null>();
  readersOf.set(format, readers);
  const read =
    readers.get(Number(version)) ??
    remembered((saved: string) => readSaved(format, saved, Number(version))?.value ?? null);
  readers.set(Number(version), read);
  return read(String(text)) as T | null;
}

const readersOf = new WeakMap<object, Map<number, (text: string) => object | null>>();

/** A value of which every part could be read. */
export function whole<T>(value: T): Upgraded<T> {
  return { value, replaced: [] };
}
