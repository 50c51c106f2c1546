import { capOf } from "./caps";
import { type KeyTable } from "./keys";

/** One line of the list of keys. */
interface ListedKeys {
  readonly keys: readonly string[];
  readonly what: string;
}

/** A heading in the list of keys, and the lines below it. */
export interface KeySection {
  readonly title: string;
  readonly lines: readonly ListedKeys[];
}

/** The list of a table's keys; each entry needs its words, and no others are taken. */
export function listKeys<Table extends KeyTable>(
  title: string,
  table: Table,
  words: Readonly<Record<keyof Table, string>>,
): KeySection {
  const lines = Object.entries(table).map(([name, keys]) => ({
    keys,
    what: words[name as keyof Table],
  }));
  return { title, lines };
}

/** Stands in a list of caps between the first and the last of a run. */
export const TO = "–";
const ROWS = ["ABCDEFGHIJKLMNOPQRSTUVWXYZ", "1234567890-="];
const SHORTEST_RUN = 3;

/**
 * The caps of some keys as the list shows them.
 *
 * @example capsOf(["a", "b", "c"]) // ["A", "–", "C"]
 */
export function capsOf(keys: readonly string[]): readonly string[] {
  const isShifted = keys.every((key) => key.startsWith("Shift+"));
  const caps = keys.map((key) => capOf(isShifted ? key.replace("Shift+", "") : key));
  const runs: string[][] = [];
  for (const cap of caps) {
    const run = runs.at(-1);
    if (run && follows(run.at(-1) ?? "", cap)) run.push(cap);
    else runs.push([cap]);
  }
  const shown = runs.flatMap((run) =>
    run.length < SHORTEST_RUN ? run : [run[0] ?? "", TO, run.at(-1) ?? ""],
  );
  return isShifted ? ["Shift", ...shown] : shown;
}

function follows(cap: string, next: string): boolean {
  return ROWS.some((row) => row.includes(cap) && row[row.indexOf(cap) + 1] === next);
}
