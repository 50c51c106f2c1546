import { type Result } from "@/core/result";
import { answerLine, lineOf, runLine } from "./batch";
import { type Command } from "./command";

/** What a command answers, for tests. */
export interface CommandAnswer {
  readonly ok: boolean;
  readonly result: unknown;
  readonly error: { readonly field: string; readonly message: string };
}

export function askCommand(command: string, args: unknown): CommandAnswer {
  return JSON.parse(answerNow(JSON.stringify({ command, args }))) as CommandAnswer;
}

/** The answer to a line that asks for a synchronous command. */
export function answerNow(line: string): string {
  return lineOf(now(runLine(line)));
}

/** The result of a synchronous command. */
export function runNow(command: Command | undefined, args: unknown): Result<unknown> {
  if (!command) throw new Error("There is no such command.");
  return now(command.run(args));
}

function now<T>(ran: T | Promise<T>): T {
  if (ran instanceof Promise) throw new Error("This command is asynchronous.");
  return ran;
}

/** As `askCommand`, for commands that work on large files. */
export async function askCommandLater(command: string, args: unknown): Promise<CommandAnswer> {
  return JSON.parse(await answerLine(JSON.stringify({ command, args }))) as CommandAnswer;
}

/** The result of a command that should find nothing wrong. Throws the problem otherwise. */
export function result<T>(command: string, args: unknown): T {
  return resultIn(askCommand(command, args));
}

/** As `result`, for commands that work on large files. */
export async function resultLater<T>(command: string, args: unknown): Promise<T> {
  return resultIn(await askCommandLater(command, args));
}

function resultIn<T>(answer: CommandAnswer): T {
  if (!answer.ok) throw new Error(`${answer.error.field}: ${answer.error.message}`);
  return answer.result as T;
}
