import { hash } from "ohash";

/** A hash of each field's value. */
export type FieldMarks = Readonly<Record<string, string>>;

/** Hashes of the fields named; the order of keys inside a value makes no difference. */
export function markFields(value: object, names: readonly string[]): FieldMarks {
  const fields = value as Readonly<Record<string, unknown>>;
  // Hashed as JSON, so that page and server get the same hash.
  const sent = (field: unknown) => JSON.parse(JSON.stringify(field ?? null)) as unknown;
  return Object.fromEntries(names.map((name) => [name, hash(sent(fields[name]))]));
}

/** Whether the document's fields still have the values that the page knew, so that setting them overwrites nobody's work. */
export function isUnchanged(value: object, was: FieldMarks): boolean {
  const now = markFields(value, Object.keys(was));
  return Object.entries(was).every(([name, mark]) => now[name] === mark);
}
