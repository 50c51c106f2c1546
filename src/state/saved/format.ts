import { type Schema } from "yup";
import { isFields } from "@/state";
import { upgradeSaved, type Upgraded } from "./upgrade";

/** How one kind of JSON is saved: the version that is written now, and the way to it from every earlier one. */
export interface SavedFormat<T extends object> {
  readonly version: number;
  /** The first leads from version 1 to 2, and so on; each takes whatever was saved. */
  readonly steps: readonly ((saved: unknown) => unknown)[];
  readonly schema: Schema<T>;
  /** What a missing or senseless field becomes; null where nothing can stand in, as for the frets of a grip. */
  readonly defaults: T | null;
  /** Fields that hold something with defaults of its own. */
  readonly within?: Readonly<Record<string, SavedFormat<object>>>;
}

/**
 * What was saved, as this Tenon understands it. Null where it cannot be read: it is no JSON, a newer Tenon wrote it,
 * or it makes no sense and nothing can stand in. What cannot be read must be left where it is.
 */
export function readSaved<T extends object>(
  format: SavedFormat<T>,
  text: string,
  savedVersion: number,
): Upgraded<T> | null {
  const { version, steps } = format;
  if (savedVersion > version || savedVersion < 1) return null;
  const parsed = parse(text);
  if (parsed === undefined) return null;
  const saved = steps.slice(savedVersion - 1).reduce<unknown>((value, step) => step(value), parsed);
  return upgrade(format, saved);
}

function upgrade<T extends object>(format: SavedFormat<T>, saved: unknown): Upgraded<T> | null {
  const { schema, defaults, within = {} } = format;
  if (defaults === null) {
    return schema.isValidSync(saved, { strict: true }) ? { value: saved as T, replaced: [] } : null;
  }
  if (!isFields(saved)) return null;
  const parts = Object.entries(within).flatMap(([field, part]) => {
    const upgraded = upgrade(part, saved[field]);
    return upgraded ? [{ field, upgraded }] : [];
  });
  const whole = upgradeSaved(
    schema,
    {
      ...saved,
      ...Object.fromEntries(parts.map(({ field, upgraded }) => [field, upgraded.value])),
    },
    defaults,
  );
  const replaced = parts.flatMap(({ field, upgraded }) =>
    upgraded.replaced.map((name) => `${field}.${name}`),
  );
  return whole && { value: whole.value, replaced: [...replaced, ...whole.replaced] };
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
