import { ValidationError } from "yup";
import { failure, success, type Result } from "@/core/result";

/** Refused input goes back as a problem; anything else that fails is told without its insides. */
export function answer<T>(work: () => T): Result<T> {
  try {
    return success(work());
  } catch (error) {
    if (error instanceof ValidationError) return failure(error.path || "input", error.message);
    if (error instanceof SyntaxError) return failure("input", "not JSON");
    if (error instanceof RangeError) return failure("input", error.message);
    console.error(error);
    return failure("data", "That could not be saved. Your data folder may be full or read-only.");
  }
}
