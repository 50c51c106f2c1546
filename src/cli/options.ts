import { failure, success, type Result } from "@/core/result";

interface CommandOptions {
  readonly json: boolean;
  readonly args: Readonly<Record<string, unknown>>;
}

/** These are words, whatever they look like. */
const TEXT_OPTIONS = new Set(["text", "school", "fretting", "tunings", "chords"]);

/** These are lists, even of one. */
const LIST_OPTIONS = new Set(["voicing", "stack", "pitchClasses"]);

/**
 * Reads `--name value` and `--name=value`. A value is JSON where it is JSON, numbers with commas
 * are a list, and all else is text, so that shells need few quotes.
 */
export function readOptions(words: readonly string[]): Result<CommandOptions> {
  const args: Record<string, unknown> = {};
  let json = false;
  for (let index = 0; index < words.length; index++) {
    const match = /^--([A-Za-z]+)(?:=(.*))?$/s.exec(words[index] ?? "");
    if (!match) return failure(words[index] ?? "", "options are written --name value");
    const [, name = "", attached] = match;
    if (name === "json" && attached === undefined) {
      json = true;
      continue;
    }
    const value = attached ?? words[++index];
    if (value === undefined) return failure(name, `--${name} needs a value`);
    const read = isText(name, value) ? value : readValue(value);
    args[name] = LIST_OPTIONS.has(name) && typeof read === "number" ? [read] : read;
  }
  return success({ json, args });
}

/** A fretting may be a JSON array too. */
function isText(name: string, value: string): boolean {
  return TEXT_OPTIONS.has(name) && !value.startsWith("[");
}

function readValue(text: string): unknown {
  if (/^-?\d+(\s*,\s*-?\d+)+$/.test(text)) return text.split(",").map(Number);
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
}
