import { isChordWord, isNoChord } from "./chordWord";
import { plainWord, unwrap, type Word } from "./lines";
import { isNoteWord } from "./noteWord";
import { type Key } from "../chart";

/** The signs of a bar as they are written. */
export const NOTATION = {
  hold: ".",
  rest: "r",
  again: "%",
  noChord: "N.C.",
  /** Before a chord that comes an eighth early, and after one that is cut on its beat. */
  early: "<",
  cut: "!",
  /** Before how chords are played: "~muted". */
  texture: "~",
} as const;

/** How a chord's texture is written after it: "~muted+down". */
export function textureMark(texture: string): string {
  return `${NOTATION.texture}${texture.replaceAll(" ", "+")}`;
}

/** What a word of a bar is. "times" is "x3" after bars or a repeat sign. */
export type BarWordKind =
  "chord" | "notes" | "no chord" | "hold" | "rest" | "again" | "texture" | "times" | "other";

const HOLDS: ReadonlySet<string> = new Set([NOTATION.hold, "/", "-"]);
const TIMES = /^(?:x(\d{1,4})|(\d{1,4})x)$/i;
/** Between the chords of a line without bars, and around them. */
const BETWEEN = /^(?:[-,;/.>()]*|->|→)$/;

export function barWordKind(text: string, key: Key | null): BarWordKind {
  const plain = plainWord(text);
  if (HOLDS.has(plain)) return "hold";
  if (plain.toLowerCase() === NOTATION.rest) return "rest";
  if (plain === NOTATION.again) return "again";
  if (plain.startsWith(NOTATION.texture)) return "texture";
  if (timesSaid({ text, column: 0 }) !== null) return "times";
  if (isNoChord(plain)) return "no chord";
  if (isNoteWord(plain)) return "notes";
  return isChordWord(text, key) ? "chord" : "other";
}

/** Whether a word of a bar takes time in it, or says how it is played. */
export function isPlayedWord(text: string, key: Key | null): boolean {
  const kind = barWordKind(text, key);
  return kind !== "times" && kind !== "other";
}

/** Whether words make a bar that repeats the bar before: "%" alone, or with holds after it. */
export function isAgainBar(words: readonly Word[]): boolean {
  const kinds = words
    .map(({ text }) => barWordKind(text, null))
    .filter((kind) => kind !== "texture");
  return kinds[0] === "again" && kinds.every((kind) => kind === "again" || kind === "hold");
}

/** The number in "x3", "3x" or "(x3)"; null for any other word. */
export function timesSaid(word: Word): number | null {
  const [, after, before] = TIMES.exec(plainWord((unwrap(word) ?? word).text)) ?? [];
  const number = after ?? before;
  return number === undefined ? null : Number(number);
}

/** Whether a word only separates the chords of a line without bars. */
export function isBetweenChords(text: string): boolean {
  return BETWEEN.test(plainWord(text));
}
