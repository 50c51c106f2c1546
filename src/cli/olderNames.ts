import { type Result } from "@/core/result";

/** Older names of arguments, which stay accepted. */
const CURRENT_NAMES: Readonly<Record<string, string>> = {
  stack: "voicing",
  most: "max",
  mostStrings: "maxStrings",
};

/** The arguments under their current names, in nested objects too. A current name wins over an older one. */
export function withCurrentNames(args: unknown): unknown {
  if (!isFields(args)) return args;
  return Object.fromEntries(
    Object.entries(args).flatMap(([name, value]) => {
      const current = currentName(name);
      if (current !== name && current in args) return [];
      return [[current, withCurrentNames(value)]];
    }),
  );
}

/** A problem names its argument as the caller wrote it: "stack[0]" where `stack` was given. */
export function withGivenNames<T>(result: Result<T>, args: unknown): Result<T> {
  if (result.ok) return result;
  const field = result.problem.field.replace(/[A-Za-z]+/g, (name) => {
    const older = Object.keys(CURRENT_NAMES).find((each) => CURRENT_NAMES[each] === name);
    return older && hasName(args, older) && !hasName(args, name) ? older : name;
  });
  return { ok: false, problem: { ...result.problem, field } };
}

function currentName(name: string): string {
  return Object.hasOwn(CURRENT_NAMES, name) ? (CURRENT_NAMES[name] ?? name) : name;
}

function hasName(args: unknown, name: string): boolean {
  if (!isFields(args)) return false;
  return Object.hasOwn(args, name) || Object.values(args).some((value) => hasName(value, name));
}

function isFields(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}
