import { isChordWord, isEnglish } from "./chordWord";
import { readFacts, type Fact } from "./facts";
import { readCounts } from "./counts";
import { bareWord, plainBarLines, plainWord, wordsIn, type Word } from "./lines";
import { isValidNoteWord } from "./noteWord";
import { barWordKind, isBetweenChords, timesSaid } from "./notation";
import { type Key } from "../chart";

/** What a line of a chart is, told by what stands in it. */
type LineKind =
  | { readonly kind: "blank" }
  /** `{name: value}`, `Name: value`, or several of those on one line: `Key: Em, Tempo: 96, 4/4`. */
  | { readonly kind: "directive"; readonly facts: readonly Fact[] }
  | { readonly kind: "heading"; readonly name: string; readonly times: number }
  | { readonly kind: "bars" | "sheet" | "counts" | "chords" | "text" };

/** What players call the parts of a song (common practice). */
const PART_WORDS = [
  "intro",
  "verse",
  "pre(?:[-\\s]?chorus)?",
  "chorus",
  "post[-\\s]?chorus",
  "refrain",
  "hook",
  "riff",
  "bridge",
  "breakdown",
  "break",
  "middle\\s{1,3}(?:8|eight)",
  "solo",
  "interlude",
  "instrumental",
  "outro",
  "ending",
  "coda",
];
/** With a number or a letter after it; "Part" only with one. */
const PART = `(?:(?:${PART_WORDS.join("|")})(?:\\s{1,3}(?:\\d{1,3}|[a-h]))?|part\\s{1,3}(?:\\d{1,3}|[a-z]))`;
const PARTS = new RegExp(`^${PART}$`, "i");
/** "V1", "CH", "PC 2": only in capitals, as words are not. A "V" alone is a chord of a key. */
const SHORT_PARTS = /^(?:V\s?\d{1,2}|(?:CH|PC|BR)(?:\s?\d{1,2})?)$/;
/** "Intro - Am G": a part's name, and chords after it without a colon. */
const PART_BEFORE_CHORDS = new RegExp(
  `^\\s{0,20}(${PART}(?:\\s{1,3}\\(?[x×]\\d{1,4}\\)?)?)\\s{1,20}(?:[-–—]\\s{1,20})?(?=(?:[^\\s\\d:]\\S*|\\d{1,2}:\\S+)\\s+\\S)`,
  "i",
);
/** A name of the player's own in brackets or before a colon, and what stands after it. */
const BRACKETED = /^\[([^\]]+)\]:?([^[\]|]*)$/;
const LABELLED = /^([^|[\]{}:]{1,60}):([^:|[\]]*)$/;
/** No heading is longer; what is longer is not looked at as one. */
const LONGEST_HEADING = 80;
/** At the end of "Chorus x2", "Chorus (2x)", "Chorus - x2". */
const TIMES = /\(?(?:[x×]\s?(\d{1,4})|(?<=[\s(])(\d{1,4})[x×])\)?$/i;

/** Decides what a line is. The key tells whether Roman numerals are chords. */
export function kindOfLine(text: string, key: Key | null): LineKind {
  const plain = plainWord(text);
  if (plain.trim() === "") return { kind: "blank" };
  // A remark, as ChordPro writes them, whatever stands in it.
  if (plain.trimStart().startsWith("#")) return { kind: "text" };
  const facts = readFacts(text);
  if (facts.length > 0) return { kind: "directive", facts };
  const heading = readHeading(plain, key);
  if (heading) return { kind: "heading", ...heading };
  if (plainBarLines(plain).includes("|")) return { kind: "bars" };
  if (readCounts(text) !== null) return { kind: "counts" };
  if (/\[[^\]]*\]?/.test(plain)) return { kind: "sheet" };
  const label = readLabel(text, key);
  return { kind: isChordLine(wordsIn(text.slice(label?.length ?? 0)), key) ? "chords" : "text" };
}

/**
 * The name of a section, and how often it is played: "[Chorus x2]", "[Chorus] x2", "Verse 1:", "The loud bit: (x2)",
 * "Outro", "V1". A bracket that reads as a chord is one.
 *
 * @example readHeading("Chorus x2:", null) // { name: "Chorus", times: 2 }
 */
export function readHeading(
  text: string,
  key: Key | null,
): { readonly name: string; readonly times: number } | null {
  const whole = text.trim();
  if (whole.length > LONGEST_HEADING) return null;
  const bracketed = BRACKETED.exec(whole);
  const [, marked, after = ""] = bracketed ?? LABELLED.exec(whole) ?? [];
  if (bracketed && marked !== undefined && isChordWord(marked.trim(), key)) return null;
  if (bracketed && marked?.startsWith("*")) return null;
  const said = timesOf((marked ?? whole).trim());
  const saidAfter = after.trim() === "" ? { base: "", times: 1 } : timesOf(after.trim());
  const name = said.base.trim();
  // What stands after a bracket or a colon and is no number of times is sung, or said of the song.
  if (saidAfter.base !== "" || name === "") return null;
  if (marked === undefined && !PARTS.test(name) && !SHORT_PARTS.test(name)) return null;
  return { name, times: Math.max(1, said.times * saidAfter.times) };
}

/** A text without the number of times at its end, and without what separates the two. */
function timesOf(text: string): { readonly base: string; readonly times: number } {
  const found = TIMES.exec(text);
  if (!found) return { base: text, times: 1 };
  const base = text
    .slice(0, found.index)
    .trimEnd()
    .replace(/[-–—,]$/, "");
  return { base: base.trimEnd(), times: Number(found[1] ?? found[2]) };
}

/** The name of a known part before a line of chords, "Verse 1: A5 D5", and how many characters it takes. */
export function readLabel(
  text: string,
  key: Key | null,
): { readonly name: string; readonly times: number; readonly length: number } | null {
  const [before = "", part] = PART_BEFORE_CHORDS.exec(text) ?? [];
  const colon = text.indexOf(":");
  const [name, length] =
    part === undefined
      ? [text.slice(0, Math.max(0, colon)).trim(), colon + 1]
      : [part, before.length];
  if (name.length > LONGEST_HEADING || !PARTS.test(timesOf(name).base)) return null;
  const heading = readHeading(name, key);
  return heading && { ...heading, length };
}

/** Whether more than half of a line's words are chords; a word of English is none. */
function isChordLine(words: readonly Word[], key: Key | null): boolean {
  const named = words.filter(
    (word) =>
      !isBetweenChords(word.text) &&
      timesSaid(word) === null &&
      barWordKind(word.text, key) !== "again",
  );
  const chords = named.filter((word) => {
    const { text } = bareWord(word);
    return (isChordWord(text, key) && !isEnglish(text)) || isValidNoteWord(text);
  });
  // A number and a colon alone may be a time, a verse or a score.
  const [only] = named;
  if (named.length === 1 && only && isValidNoteWord(bareWord(only).text)) return false;
  return chords.length * 2 > named.length;
}
