import { COMMANDS, findCommand } from "@/cli/commands/index";
import { failure, type Result } from "@/core/result";

/** Answers one line of JSON with one line of JSON; a bad line is answered too, never thrown. */
export async function answerLine(line: string): Promise<string> {
  try {
    return lineOf(await runLine(line));
  } catch (error) {
    return lineOf(faultOf(error));
  }
}

/** The answer to a line of JSON as one. */
export function lineOf(result: Result<unknown>): string {
  return JSON.stringify(
    result.ok ? { ok: true, result: result.value } : { ok: false, error: result.problem },
  );
}

/** What a line of JSON asks for; a promise from commands that work on large files. */
export function runLine(line: string): Result<unknown> | Promise<Result<unknown>> {
  let request: unknown;
  try {
    request = JSON.parse(line);
  } catch {
    return failure("line", 'not JSON; write {"command": "...", "args": {...}}');
  }
  if (typeof request !== "object" || request === null || Array.isArray(request)) {
    return failure("line", 'write an object: {"command": "...", "args": {...}}');
  }
  const { command: name, args = {} } = request as { command?: unknown; args?: unknown };
  const command = findCommand(name);
  if (!command) {
    const known = COMMANDS.map((each) => each.name).join(", ");
    return failure(
      "command",
      `${JSON.stringify(name) ?? "nothing"} is not a command; known are ${known}`,
    );
  }
  try {
    return command.run(args);
  } catch (error) {
    return faultOf(error);
  }
}

function faultOf(error: unknown): Result<never> {
  return failure("args", error instanceof Error ? error.message : String(error));
}
