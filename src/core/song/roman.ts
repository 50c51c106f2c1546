import { findQuality, type ChordParts } from "@/core/chart";
import { parseNote, spellDegree, type Note } from "@/core/pitch";

/** A key: its first note, and whether its third is minor. */
export interface Key {
  readonly tonic: Note;
  readonly isMinor: boolean;
}

const NUMERALS = ["I", "II", "III", "IV", "V", "VI", "VII"];
const MAJOR_SCALE = [0, 2, 4, 5, 7, 9, 11];
const MINOR_SCALE = [0, 2, 3, 5, 7, 8, 10];
const ROMAN = /^(b|#)?(VII|VI|IV|V|III|II|I|vii|vi|iv|v|iii|ii|i)(?![a-zA-Z]*[IVXivx])(.*)$/;

/** Reads "Em", "G", "F# minor", "Bb major"; null for anything else. */
export function readKey(text: string): Key | null {
  const [, root = "", kind = ""] =
    /^([A-Ga-g](?:#|b)?)\s*(m|min|minor|-|maj|major)?$/i.exec(text.trim()) ?? [];
  const tonic = parseNote(root);
  return tonic.ok ? { tonic: tonic.value, isMinor: /^(m|min|minor|-)$/.test(kind) } : null;
}

/** Whether a word is written as a Roman numeral is, whatever its key. */
export function isRoman(text: string): boolean {
  const [, , , kind] = ROMAN.exec(text) ?? [];
  return kind !== undefined && findQuality(kind) !== null;
}

/**
 * The chord that a Roman numeral is in a key: upper case major, lower case minor. Numerals count along the key's own scale; with
 * a sign before them along the major scale, so that bVI in A minor is F (common practice).
 *
 * @example readRoman("vi", { tonic: G, isMinor: false }) // E minor
 */
export function readRoman(text: string, { tonic, isMinor }: Key): ChordParts | null {
  const [, sign = "", numeral = "", kind = ""] = ROMAN.exec(text) ?? [];
  if (numeral === "") return null;
  const degree = NUMERALS.indexOf(numeral.toUpperCase());
  const isLower = numeral === numeral.toLowerCase();
  const isWhole = /^(dim|°|o|ø|m|min|-|5|sus)/.test(kind);
  const quality = findQuality(isLower && !isWhole ? `m${kind}` : kind);
  if (!quality) return null;
  const scale = isMinor && sign === "" ? MINOR_SCALE : MAJOR_SCALE;
  const signed = sign === "b" ? -1 : sign === "#" ? 1 : 0;
  const semitones = (scale[degree] ?? 0) + signed;
  return { root: spellDegree(tonic, semitones), quality, bass: null };
}
