import { readSaved, type SavedFormat, type Upgraded } from "@/state/saved";
import { type SqlValue } from "./keeper";

/** Reads one JSON column by its format. */
export function readColumn<T extends object>(
  format: SavedFormat<T>,
  text: SqlValue | undefined,
  version: SqlValue | undefined,
): T | null {
  return readSaved(format, String(text), Number(version))?.value ?? null;
}

/** A value of which every part could be read. */
export function whole<T>(value: T): Upgraded<T> {
  return { value, replaced: [] };
}
