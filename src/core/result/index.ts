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
  /** Where a screen has to say it in other words than the command line: which problem it is, and its figures. */
  readonly code?: string;
  readonly values?: Readonly<Record<string, number>>;
}

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

export function success<T>(value: T): Result<T> {
  return { ok: true, value };
}

/** A message stays a line, however much the input that it quotes holds. */
export function failure<T = never>(
  field: string,
  message: string,
  facts: Pick<Problem, "code" | "values"> = {},
): Result<T> {
  return { ok: false, problem: { field, message: shortened(message), ...facts } };
}

const LONGEST_QUOTE = 40;
const LONGEST_MESSAGE = 300;
const LONG_QUOTE = new RegExp(`'([^']{${LONGEST_QUOTE}})[^']+'`, "g");

function shortened(message: string): string {
  const told = message.replace(LONG_QUOTE, "'$1…'");
  return told.length > LONGEST_MESSAGE ? `${told.slice(0, LONGEST_MESSAGE)}…` : told;
}
