import { ValidationError, type ObjectSchema } from "yup";
import { TooManyFrettings } from "@/core/fretting";
import { failure, type Result } from "@/core/result";
import { withCurrentNames, withGivenNames } from "./olderNames";

/** One command: what it takes, what it computes, and how that reads on a terminal. */
export interface Command {
  readonly name: string;
  readonly summary: string;
  /** A promise where it works on large files. */
  readonly run: (args: unknown) => Result<unknown> | Promise<Result<unknown>>;
  readonly print: (result: never) => string;
}

/** Builds a command whose arguments are checked strictly before it runs. */
export function defineCommand<Args extends object, Answer>(definition: {
  readonly name: string;
  readonly summary: string;
  readonly schema: ObjectSchema<Args>;
  readonly run: (args: Args) => Result<Answer> | Promise<Result<Answer>>;
  readonly print: (answer: Answer) => string;
}): Command {
  const { name, summary, schema, run, print } = definition;
  const runChecked = (input: unknown): Result<Answer> | Promise<Result<Answer>> => {
    try {
      return run(schema.validateSync(input, { strict: true, abortEarly: true }) as Args);
    } catch (error) {
      if (error instanceof ValidationError)
        return failure(fieldOf(error), error.errors[0] ?? error.message);
      if (error instanceof TooManyFrettings) return failure("reachMm", error.message);
      throw error;
    }
  };
  return {
    name,
    summary,
    run: (input) => {
      const ran = runChecked(withCurrentNames(input));
      return ran instanceof Promise
        ? ran.then((result) => withGivenNames(result, input))
        : withGivenNames(ran, input);
    },
    print: print as (result: never) => string,
  };
}

/** Yup names no path for an unknown key; its parameters do. */
function fieldOf(error: ValidationError): string {
  const unknown = (error.params as { unknown?: unknown } | undefined)?.unknown;
  return typeof unknown === "string" ? unknown : error.path || "args";
}
