import { parseChord, type ChordParts } from "@/core/chart";
import { noteText } from "@/core/pitch";
import { plainWord } from "./lines";
import { reduceToPowerChord, type Key } from "../chart";
import { isRoman, readRoman } from "./roman";
import { readTexture, textureText } from "../play";

/** What a word says about a chord, without its place and time. */
export interface ChordWord {
  readonly name: string;
  readonly reducedTo: string | null;
  readonly leftOut: readonly string[];
  /** Whether it comes an eighth before its place: "<A5". */
  readonly isEarly: boolean;
  /** Whether it is cut on its beat: "A5!". */
  readonly isCut: boolean;
  /** How it is played, as said after it: "A5~muted+eighths". */
  readonly texture: string | null;
  /** What is wrong with it, and what would be right; null where nothing is. */
  readonly problem: string | null;
}

const NO_CHORD = /^(n\.?c\.?|tacet)$/i;
const MARKED = /^(<?)([^~]*?)(!?)(~.*)?$/;
/** Words of English that would read as chords where they stand alone in a line. */
const ENGLISH = new Set(["go", "do", "be", "dad", "add", "a", "am"]);

/** Whether a word says that nothing is played. */
export function isNoChord(text: string): boolean {
  return NO_CHORD.test(text);
}

/** Whether a word names a chord, or that there is none. */
export function isChordWord(text: string, key: Key | null): boolean {
  const [, , inner = ""] = MARKED.exec(plainWord(text)) ?? [];
  return (
    NO_CHORD.test(inner) ||
    parseChord(inner) !== null ||
    (key !== null && readRoman(inner, key) !== null)
  );
}

/** Whether a word that names a chord is as likely to be one of a song's words. */
export function isEnglish(text: string): boolean {
  const word = plainWord(text);
  // A and Am are written large as chords; as words they begin a line that goes on.
  return ENGLISH.has(word.toLowerCase()) && word !== "A" && word !== "Am";
}

/** Reads a word that stands where a chord should; what is unknown keeps its place and says why. */
export function readChordWord(text: string, key: Key | null): ChordWord {
  const [, early = "", inner = "", cut = "", said] = MARKED.exec(plainWord(text)) ?? [];
  const texture = said === undefined ? null : readTexture(said.slice(1));
  const marks = {
    isEarly: early !== "",
    isCut: cut !== "",
    texture: texture?.ok ? textureText(texture.value) : null,
  };
  const wrong = texture && !texture.ok ? texture.problem.message : null;
  if (NO_CHORD.test(inner)) {
    return { name: "N.C.", reducedTo: null, leftOut: [], problem: wrong, ...marks };
  }
  const typed = parseChord(inner);
  if (typed)
    return { name: nameAsTyped(inner), problem: wrong, ...marks, ...reduceToPowerChord(typed) };
  const roman = key && readRoman(inner, key);
  if (roman) return { name: nameOf(roman), problem: wrong, ...marks, ...reduceToPowerChord(roman) };
  return { name: inner, reducedTo: null, leftOut: [], problem: problemOf(inner), ...marks };
}

/** A small root is made large, and stands for the same chord: "em" is Em, "bb5" is Bb5. */
function nameAsTyped(text: string): string {
  const slash = text.lastIndexOf("/");
  const bass = text.slice(slash + 1);
  const hasBass = slash > 0 && /^[A-Ga-g][#b]{0,2}$/.test(bass);
  const large = (part: string) => part.slice(0, 1).toUpperCase() + part.slice(1);
  return hasBass ? `${large(text.slice(0, slash))}/${large(bass)}` : large(text);
}

function nameOf({ root, quality, bass }: ChordParts): string {
  return `${noteText(root)}${quality.suffix}${bass ? `/${noteText(bass)}` : ""}`;
}

function problemOf(text: string): string {
  if (isRoman(text)) return `'${text}' is a Roman numeral: write the key first, like Key: Em`;
  return `'${text}' is no chord; write a root from A to G and its kind, like D5, F#m7 or C/E`;
}
