export type Fields = Readonly<Record<string, unknown>>;

/** Whether a value of any kind is an object with fields, and no list. */
export function isFields(value: unknown): value is Fields {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}
