/** A line of a text, and where it begins in it. */
export interface Line {
  /** From 1. */
  readonly number: number;
  readonly offset: number;
  readonly text: string;
}

/** A piece of a line that stands between spaces, and its column from 0. */
export interface Word {
  readonly text: string;
  readonly column: number;
}

/** Spaces that no keyboard writes, and marks of width 0 or of direction, which pasted text is full of. */
const INVISIBLE = /[\u200b-\u200f\u202a-\u202e\u2060\u2066-\u2069\ufeff\u00ad]/g;

/** The lines of a text, whatever ends them. */
export function linesIn(text: string): readonly Line[] {
  const lines: Line[] = [];
  let offset = 0;
  for (const [index, each] of text.split(/(\r\n|\n|\r|\u2028|\u2029)/).entries()) {
    if (index % 2 === 0) lines.push({ number: lines.length + 1, offset, text: each });
    offset += each.length;
  }
  return lines;
}

/** The words of a text, from a column on. */
export function wordsIn(text: string, from = 0): readonly Word[] {
  return [...text.matchAll(/\S+/g)].map(({ 0: word, index }) => ({
    text: word,
    column: from + index,
  }));
}

/** Bar lines as other programs draw them; each takes as much room as a plain one. */
const BAR_LINES = /[‖│┃┆┊❘❙∣¦｜]/g;

/** A line with plain bar lines; every column stays. */
export function plainBarLines(text: string): string {
  return text.replace(BAR_LINES, "|");
}

const WRAPPED = /^(?:\[(.+)\]|\((.+)\))$/s;

/** What stands in a word's own brackets, "[A5]" or "(x2)"; null for a word without. */
export function unwrap({ text, column }: Word): Word | null {
  const [, square, round] = WRAPPED.exec(text) ?? [];
  const inner = square ?? round;
  return inner === undefined ? null : { text: inner, column: column + 1 };
}

/**
 * A word without what separates it from the next, and without a parenthesis around it or around it and its neighbours:
 * "(A5", "D5)," and "[G5]" are chords. A parenthesis of its own stays: "B5(b5)".
 */
export function bareWord(word: Word): Word {
  const { text, column } = word;
  // Most are bare already, and this is asked of every word.
  if (/^[^()[\],;.…]+$/.test(text)) return word;
  let [start, end] = [0, endOfWord(text)];
  const count = (sign: string) => text.slice(0, end).split(sign).length - 1;
  let unopened = count(")") - count("(");
  for (; text[end - 1] === ")" && unopened > 0; unopened--) end--;
  for (; text[start] === "(" && unopened < 0; unopened++) start++;
  const whole = { text: text.slice(start, end), column: column + start };
  const inner = unwrap(whole) ?? whole;
  return { text: inner.text.slice(0, endOfWord(inner.text)), column: inner.column };
}

/** Where a word ends before the commas, semicolons and dots after it; those that stand alone are a word. */
function endOfWord(text: string): number {
  let end = text.length;
  // A pattern would look at a word of nothing but commas again from each of them.
  while (end > 0 && /[,;.…]/.test(text.charAt(end - 1))) end--;
  return end === 0 ? text.length : end;
}

/** A word without what cannot be seen, with plain signs and quotes. */
export function plainWord(text: string): string {
  // Most are plain already, and this is asked of every word several times.
  if (/^[ -~]*$/.test(text)) return text;
  return text
    .replace(INVISIBLE, "")
    .replace(/♯/g, "#")
    .replace(/♭/g, "b")
    .replace(/[‘’‚‛′]/g, "'")
    .replace(/[“”„‟″]/g, '"')
    .replace(/[–—−‐‑]/g, "-")
    .replace(/×/g, "x");
}
