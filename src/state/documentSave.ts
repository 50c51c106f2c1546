import { hash } from "ohash";

/** By field: a mark of its value that tells whether it is still the same. */
export type FieldMarks = Readonly<Record<string, string>>;

/** Marks of the fields named; the order in which a value's own fields stand makes no difference. */
export function markFields(value: object, names: readonly string[]): FieldMarks {
  const fields = value as Readonly<Record<string, unknown>>;
  // As JSON carries it, so that both ends of a wire mark the same.
  const sent = (field: unknown) => JSON.parse(JSON.stringify(field ?? null)) as unknown;
  return Object.fromEntries(names.map((name) => [name, hash(sent(fields[name]))]));
}

/**
 * Whether a document has, in every field that a change sets, what the page knew when it set them: then nobody else
 * has changed those since, and the change loses nothing.
 */
export function isUnchanged(value: object, was: FieldMarks): boolean {
  const now = markFields(value, Object.keys(was));
  return Object.entries(was).every(([name, mark]) => now[name] === mark);
}
