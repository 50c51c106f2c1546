/**
 * The outcome of reading something a person wrote: a value, or a reason.
 *
 * A reason always says which argument was wrong and what would be right, so that every face of
 * Tenon (page, command line, import) can show it beside the place it came from.
 */
export interface Problem {
  /** The argument or form field that was wrong, by its public name ("tuning", "root"). */
  readonly field: string;
  /** One plain sentence: what was wrong, where, and what would be right. */
  readonly message: string;
}

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

export function success<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function failure<T = never>(field: string, message: string): Result<T> {
  return { ok: false, problem: { field, message } };
}
