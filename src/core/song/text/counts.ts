import { plainWord, wordsIn, type Word } from "./lines";

/** A chord and for how many counts it is played; NaN where that cannot be read. */
export interface Counted {
  readonly word: Word;
  readonly counts: number;
}

const NUMBERS =
  "one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen";
const NUMBER_OF = new Map(NUMBERS.split(" ").map((word, index) => [word, index + 1]));
const STARRED = /^([^*]+)\*(\d{1,6})[,;]?$/;
const COUNTS = /^counts?[,;]?$/i;

/**
 * Chords with their counts; null for a line that holds anything else.
 *
 * @example readCounts("E5 two counts of eight, C#5*4") // E5 for 16, C#5 for 4
 */
export function readCounts(text: string): readonly Counted[] | null {
  const words = wordsIn(text);
  const counted: Counted[] = [];
  for (let at = 0; at < words.length;) {
    const found = countedAt(words, at);
    if (!found) return null;
    counted.push(found.counted);
    at += found.length;
  }
  return counted.length > 0 ? counted : null;
}

/** The chord and its counts that begin with a word, and how many words they take. */
function countedAt(
  words: readonly Word[],
  at: number,
): { readonly counted: Counted; readonly length: number } | null {
  const word = words[at];
  if (!word) return null;
  const [, chord, starred] = STARRED.exec(plainWord(word.text)) ?? [];
  if (chord !== undefined) {
    const text = word.text.slice(0, word.text.indexOf("*"));
    return { counted: { word: { ...word, text }, counts: Number(starred) }, length: 1 };
  }
  const said = (index: number) => plainWord(words[at + index]?.text ?? "");
  const skipped = said(1).toLowerCase() === "for" ? 1 : 0;
  if (!COUNTS.test(said(2 + skipped))) return null;
  const number = numberOf(said(1 + skipped));
  const isOf = said(3 + skipped).toLowerCase() === "of";
  const each = isOf ? numberOf(said(4 + skipped).replace(/[,;]$/, "")) : 1;
  return { counted: { word, counts: number * each }, length: (isOf ? 5 : 3) + skipped };
}

function numberOf(text: string): number {
  return NUMBER_OF.get(text.toLowerCase()) ?? (/^\d{1,6}$/.test(text) ? Number(text) : NaN);
}
