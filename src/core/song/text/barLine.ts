import { readHeading } from "./lineKind";
import { bareWord, plainBarLines, wordsIn, type Word } from "./lines";
import { isPlayedWord, timesSaid } from "./notation";
import { type Key } from "../chart";

/** A piece of a line of bars. */
export type BarToken =
  | { readonly kind: "bar"; readonly word: Word }
  | { readonly kind: "open"; readonly word: Word }
  | { readonly kind: "close"; readonly word: Word; readonly times: number }
  /** The times that an ending is for: 1 in "|1.", 2 in "|1,2". */
  | { readonly kind: "ending"; readonly word: Word; readonly times: number }
  /** "x3" after a line, or after a repeat sign. */
  | { readonly kind: "times"; readonly word: Word; readonly times: number }
  | { readonly kind: "word"; readonly word: Word };

/** Bar lines and what is written close to them; the rest of a line is words. */
const SIGNS = /(:?\|[|:\]]*(?:\s*\d+(?:[,\-–.]\s*\d+)*(?:\.|(?=\s)))?|:\|)/;

/** The pieces of a line of bars, in order. Columns count from 0. */
export function barTokens(text: string): readonly BarToken[] {
  const tokens: BarToken[] = [];
  let column = 0;
  for (const [index, piece] of plainBarLines(text).split(SIGNS).entries()) {
    if (index % 2 === 1) tokens.push(...signTokens(piece, column));
    else tokens.push(...wordsIn(piece, column).flatMap(wordTokens));
    column += piece.length;
  }
  return tokens;
}

export function isSign({ kind }: BarToken): boolean {
  return kind !== "word" && kind !== "times";
}

/** Between a heading and the bars on its line. */
const DASH = /\s{0,20}[-–—]\s{0,20}$/;

/**
 * The heading with which a line of bars begins, and how many of its pieces it takes: all before the first bar line, or
 * all before the chords that stand there ("Verse: Am | G").
 */
export function headingOfBars(
  text: string,
  tokens: readonly BarToken[],
  key: Key | null,
): { readonly name: string; readonly times: number; readonly taken: number } | null {
  const first = tokens.findIndex(isSign);
  for (let taken = first; taken > 0; taken--) {
    const before = text.slice(0, tokens[taken]?.word.column);
    const heading = readHeading(before, key) ?? readHeading(before.replace(DASH, ""), key);
    if (heading) return { ...heading, taken };
    const last = tokens[taken - 1];
    if (last?.kind !== "word" || !isPlayedWord(bareWord(last.word).text, key)) return null;
  }
  return null;
}

/** Dots that stand together hold as often as there are dots. */
function wordTokens(word: Word): readonly BarToken[] {
  if (!/^\.{2,}$/.test(word.text)) return [wordToken(word)];
  return [...word.text].map((text, index) => wordToken({ text, column: word.column + index }));
}

function wordToken(word: Word): BarToken {
  const times = timesSaid(word);
  return times === null ? { kind: "word", word } : { kind: "times", word, times };
}

/** "|", "||", "|:", ":|", ":|:", "|]", each perhaps with the number of an ending. */
function signTokens(sign: string, column: number): readonly BarToken[] {
  const [, bars = "", ending = ""] = /^(\D*)(.*)$/s.exec(sign) ?? [];
  const word = { text: bars.trimEnd(), column };
  const tokens: BarToken[] = [];
  if (word.text.startsWith(":")) tokens.push({ kind: "close", word, times: 2 });
  if (word.text.endsWith(":") && word.text.length > 1) tokens.push({ kind: "open", word });
  if (tokens.length === 0) tokens.push({ kind: "bar", word });
  if (ending !== "") {
    const place = { text: ending, column: column + bars.length };
    tokens.push({ kind: "ending", word: place, times: timesIn(ending) });
  }
  return tokens;
}

/** How many times "1", "1,2" or "1-3" are. */
function timesIn(ending: string): number {
  const numbers = [...ending.matchAll(/\d+/g)].map(([number]) => Number(number));
  const [first = 1, last = first] = numbers;
  return /[-–]/.test(ending) ? Math.max(1, last - first + 1) : Math.max(1, numbers.length);
}
