import { findQuality, type ChordParts } from "@/core/chart";
import { parseNote, spellDegree } from "@/core/pitch";
import { type Key } from "../chart";

const NUMERALS = ["I", "II", "III", "IV", "V", "VI", "VII"];
const MAJOR_SCALE = [0, 2, 4, 5, 7, 9, 11];
const MINOR_SCALE = [0, 2, 3, 5, 7, 8, 10];
/** For whoever asks only how a word is written. */
const ANY_KEY: Key = { tonic: { letter: "C", accidental: 0 }, isMinor: false };
const ROMAN = /^(b|#)?(VII|VI|IV|V|III|II|I|vii|vi|iv|v|iii|ii|i)(?![a-zA-Z]*[IVXivx])(.*)$/;

/** The chords that lead to another one, whose key they are taken from. */
const LEADS_ELSEWHERE = /^(?:V(?!I)|vii(?:°|o|ø|dim))/;

/** Whether a word is written as a Roman numeral is, whatever its key. */
export function isRoman(text: string): boolean {
  return readRoman(text, ANY_KEY) !== null;
}

/**
 * The chord that a Roman numeral is in a key: upper case major, lower case minor. Numerals count along the key's own scale; with
 * a sign before them along the major scale, so that bVI in A minor is F (common practice). V and vii° over another numeral are
 * what they would be in the key of that one, so that V7/V in G is A7; any other chord has the bass that is written under it.
 *
 * @example readRoman("vi", { tonic: G, isMinor: false }) // E minor
 */
export function readRoman(text: string, key: Key): ChordParts | null {
  const slash = text.lastIndexOf("/");
  if (slash < 0) return readNumeral(text, key);
  const [before, over] = [text.slice(0, slash), text.slice(slash + 1)];
  const under = readNumeral(over, key);
  if (under && LEADS_ELSEWHERE.test(before)) {
    return readNumeral(before, { tonic: under.root, isMinor: over === over.toLowerCase() });
  }
  const typed = parseNote(over);
  const bass = under?.root ?? (typed.ok ? typed.value : null);
  const chord = readNumeral(before, key);
  return chord && bass && { ...chord, bass };
}

function readNumeral(text: string, { tonic, isMinor }: Key): ChordParts | null {
  const [, sign = "", numeral = "", kind = ""] = ROMAN.exec(text) ?? [];
  if (numeral === "") return null;
  const degree = NUMERALS.indexOf(numeral.toUpperCase());
  const isLower = numeral === numeral.toLowerCase();
  const isWhole = /^(dim|°|o|ø|m|min|-|5|sus)/.test(kind);
  const quality = findQuality(isLower && !isWhole ? `m${kind}` : kind);
  if (!quality) return null;
  // The diminished chord below a minor key's own is that of its leading note (common practice).
  const isLeading = numeral === "vii" && /^(dim|°|o|ø)/.test(kind);
  const scale = isMinor && sign === "" && !isLeading ? MINOR_SCALE : MAJOR_SCALE;
  const signed = sign === "b" ? -1 : sign === "#" ? 1 : 0;
  const semitones = (scale[degree] ?? 0) + signed;
  return { root: spellDegree(tonic, semitones), quality, bass: null };
}
