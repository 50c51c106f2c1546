import { COMMANDS, findCommand } from "@/cli/commands/index";
import { answerLine } from "./batch";
import { linesOf } from "./lines";
import { readOptions } from "./options";

const USAGE_STATUS = 2;

// Whoever reads may have enough, as `head` has: that is no failure.
process.stdout.on("error", (error: NodeJS.ErrnoException) => {
  if (error.code !== "EPIPE") throw error;
  process.exit(0);
});

const [name, ...words] = process.argv.slice(2);
if (name === "batch") await answerBatch();
else process.exitCode = await runOnce(name, words);

/** Answers each line of standard input in order, on one line. */
async function answerBatch(): Promise<void> {
  for await (const line of linesOf(process.stdin.setEncoding("utf8"))) {
    process.stdout.write(`${await answerLine(line)}\n`);
  }
}

/** Runs one command and returns the exit status: 0, or 2 with a reason on standard error. */
async function runOnce(
  commandName: string | undefined,
  optionWords: readonly string[],
): Promise<number> {
  const command = findCommand(commandName);
  if (!command) {
    const list = COMMANDS.map((each) => `  ${each.name.padEnd(12)}${each.summary}`).join("\n");
    const isHelp = commandName === undefined || commandName === "help" || commandName === "--help";
    const text = `Commands (add --json for JSON):\n${list}\n  batch       answers JSON Lines from standard input\n`;
    if (isHelp) process.stdout.write(text);
    else process.stderr.write(`command: '${commandName}' is not known; try help\n`);
    return isHelp ? 0 : USAGE_STATUS;
  }
  const options = readOptions(optionWords);
  const result = options.ok ? await command.run(options.value.args) : options;
  if (!options.ok || !result.ok) {
    const problem = result.ok ? null : result.problem;
    process.stderr.write(`${problem?.field}: ${problem?.message.replace(/\s+/g, " ")}\n`);
    return USAGE_STATUS;
  }
  const text = options.value.json
    ? JSON.stringify(result.value)
    : command.print(result.value as never);
  process.stdout.write(`${text}\n`);
  return 0;
}
