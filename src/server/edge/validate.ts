import { ValidationError, type Schema } from "yup";
import { setPlainWords } from "@/state/schema";
import { Refused } from "./wordedError";

setPlainWords();

/** The value if it fits the schema strictly (nothing cast, nothing unknown). Throws `Refused` in words otherwise. */
export function validate<T>(schema: Schema<T>, value: unknown): T {
  try {
    return schema.validateSync(value, { strict: true });
  } catch (error) {
    if (error instanceof ValidationError) throw new Refused(error.path || "input", error.message);
    throw error;
  }
}
