import { answerLine } from "./batch";

/** What a command answers, for tests. */
export interface Answer {
  readonly ok: boolean;
  readonly result: unknown;
  readonly error: { readonly field: string; readonly message: string };
}

export function ask(command: string, args: unknown): Answer {
  return JSON.parse(answerLine(JSON.stringify({ command, args }))) as Answer;
}

/** The result of a command that should find nothing wrong. Throws the problem otherwise. */
export function result<T>(command: string, args: unknown): T {
  const answer = ask(command, args);
  if (!answer.ok) throw new Error(`${answer.error.field}: ${answer.error.message}`);
  return answer.result as T;
}
