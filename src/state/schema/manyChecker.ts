import { ValidationError, type ObjectSchema, type Schema } from "yup";

/** So many values of a field are remembered. */
const MAX_VALUES = 5000;

/**
 * Checks many objects against a schema whose fields do not depend on one another: what is wrong in words, or null. Values
 * that passed are remembered for each field, since a check takes much longer than a look for them.
 */
export function manyChecker<T extends object>(
  schema: ObjectSchema<T>,
): (value: Readonly<Record<keyof T, unknown>>) => string | null {
  const fields = Object.entries(schema.fields as unknown as Readonly<Record<string, Schema>>).map(
    ([name, field]) => ({ name: name as keyof T, field, passed: new Set<unknown>() }),
  );
  return (value) => {
    for (const { name, field, passed } of fields) {
      const own = value[name];
      const key = typeof own === "object" ? JSON.stringify(own) : own;
      if (passed.has(key)) continue;
      if (!field.isValidSync(own, { strict: true })) return whatIsWrong(schema, value);
      if (passed.size >= MAX_VALUES) passed.clear();
      passed.add(key);
    }
    return null;
  };
}

/** The refusal of the whole, which names the field. */
function whatIsWrong(schema: Schema, value: unknown): string {
  try {
    schema.validateSync(value, { strict: true });
  } catch (error) {
    if (error instanceof ValidationError) return error.message;
    throw error;
  }
  throw new Error("A field is wrong, but the whole is not: the fields depend on one another.");
}
