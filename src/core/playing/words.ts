import { type Arrangement } from "@/core/arrangement";
import { type ChartWords } from "@/core/song";

/** Which repeat of a written bar this is, from 0, and the number of repeats. */
export interface Pass {
  readonly pass: number;
  readonly passes: number;
}

/** The pass of every played bar. */
export function passesOf({ bars }: Arrangement): readonly Pass[] {
  const keys = bars.map(({ section, bar }) => `${section} ${bar}`);
  const total = new Map<string, number>();
  const pass = keys.map((key) => {
    const before = total.get(key) ?? 0;
    total.set(key, before + 1);
    return before;
  });
  return keys.map((key, index) => ({ pass: pass[index] ?? 0, passes: total.get(key) ?? 1 }));
}

/**
 * The words at a chord on one pass: the first line of words on the first pass, and so on. The last pass also takes all
 * remaining lines; with too few lines, the last one is repeated.
 */
export function wordsAt(words: ChartWords, offset: number, { pass, passes }: Pass): string {
  const lines = words.get(offset) ?? [];
  if (lines.length === 0) return "";
  const isLast = pass + 1 >= passes;
  const own = isLast
    ? lines.slice(Math.min(pass, lines.length - 1))
    : lines.slice(Math.min(pass, lines.length - 1), Math.min(pass, lines.length - 1) + 1);
  return own.join(" ").trim();
}
