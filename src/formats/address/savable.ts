import { ValidationError, type AnyObject, type ObjectSchema } from "yup";
import { failure, type Result } from "@/core/result";

/** What was read of an address if it could be saved as well, else why not: one check of both. */
export function savable<Part extends object>(
  schema: ObjectSchema<AnyObject>,
  read: Result<Part>,
): Result<Part> {
  if (!read.ok) return read;
  try {
    schema.pick(Object.keys(read.value)).validateSync(read.value, { strict: true });
    return read;
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return failure(error.path ?? "address", error.message);
  }
}
