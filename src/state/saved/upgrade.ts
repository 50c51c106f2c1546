import { ValidationError, type Schema } from "yup";
import { isFields, type Fields } from "@/state";

/** What was saved, as this Tenon understands it. */
export interface Upgraded<T> {
  readonly value: T;
  /** Invalid fields that were reset to their defaults, such as "filter.frets". */
  readonly replaced: readonly string[];
}

/** Each round repairs every field reported; a repair may uncover one more. */
const MAX_ROUNDS = 4;

/**
 * What an earlier Tenon saved, brought up to date field by field: fields it did not have are filled in from the defaults, fields that
 * no longer exist are dropped, and an invalid field is replaced alone.
 * Null where nothing readable was saved, or where the defaults themselves are invalid.
 */
export function upgradeSaved<T extends object>(
  schema: Schema<T>,
  saved: unknown,
  defaults: T,
): Upgraded<T> | null {
  if (!isFields(saved)) return null;
  let value = fill(saved, defaults as Fields);
  const replaced = new Set<string>();
  for (let round = 0; round < MAX_ROUNDS; round++) {
    const wrong = wrongPaths(schema, value);
    if (wrong.length === 0) return { value: value as T, replaced: [...replaced] };
    for (const path of wrong) {
      const { mended, field } = mend(value, defaults as Fields, path);
      value = mended;
      replaced.add(field);
    }
  }
  return null;
}

function fill(saved: Fields, defaults: Fields): Fields {
  return Object.fromEntries(
    Object.entries(defaults).map(([name, usual]) => {
      const own = saved[name];
      if (own === undefined) return [name, usual];
      // A default without fields stands for those that the player names.
      const isFixed = isFields(own) && isFields(usual) && Object.keys(usual).length > 0;
      return [name, isFixed ? fill(own, usual) : own];
    }),
  );
}

/** The fields that the schema rejects: "weights.low", "columns[0].midi". */
function wrongPaths(schema: Schema, value: unknown): readonly string[] {
  try {
    schema.validateSync(value, { strict: true, abortEarly: false });
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const errors = error.inner.length > 0 ? error.inner : [error];
    return errors.map(({ path }) => path ?? "");
  }
}

/** Resets the deepest field on the path to the invalid one that has a default. */
function mend(value: Fields, defaults: Fields, path: string): { mended: Fields; field: string } {
  const [name = "", ...rest] = path.split(/[.[]/).filter(Boolean);
  if (!(name in defaults)) return { mended: { ...defaults }, field: name };
  const [own, usual] = [value[name], defaults[name]];
  if (rest.length > 0 && isFields(own) && isFields(usual) && (rest[0] ?? "") in usual) {
    const inner = mend(own, usual, rest.join("."));
    return { mended: { ...value, [name]: inner.mended }, field: `${name}.${inner.field}` };
  }
  return { mended: { ...value, [name]: usual }, field: name };
}
