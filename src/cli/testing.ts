import { answerLine } from "./batch";

/** What a command answers, for tests. */
export interface CommandAnswer {
  readonly ok: boolean;
  readonly result: unknown;
  readonly error: { readonly field: string; readonly message: string };
}

export function askCommand(command: string, args: unknown): CommandAnswer {
  return JSON.parse(answerLine(JSON.stringify({ command, args }))) as CommandAnswer;
}

/** The result of a command that should find nothing wrong. Throws the problem otherwise. */
export function result<T>(command: string, args: unknown): T {
  const answer = askCommand(command, args);
  if (!answer.ok) throw new Error(`${answer.error.field}: ${answer.error.message}`);
  return answer.result as T;
}
