import { type Letter } from "@/core/pitch";
import { type Key } from "./key";

const MAJOR = ["Cb", "Gb", "Db", "Ab", "Eb", "Bb", "F", "C", "G", "D", "A", "E", "B", "F#", "C#"];
const MINOR = ["Ab", "Eb", "Bb", "F", "C", "G", "D", "A", "E", "B", "F#", "C#", "G#", "D#", "A#"];
const MAX_SIGNS = 7;
const MINOR_SHIFT = 3;
const FIFTHS: Readonly<Record<Letter, number>> = { F: -1, C: 0, G: 1, D: 2, A: 3, E: 4, B: 5 };

/** The key with so many sharps in its signature, negative for flats: "Em" for 1 in minor; null for none. */
export function keyOfSignature(sharps: number, isMinor: boolean): string | null {
  const key = (isMinor ? MINOR : MAJOR)[sharps + MAX_SIGNS];
  return key === undefined ? null : `${key}${isMinor ? "m" : ""}`;
}

/** The sharps in a key's signature, -7 to 7; negative for flats. */
export function signatureOf({ tonic, isMinor }: Key): number {
  const sharps = FIFTHS[tonic.letter] + 7 * tonic.accidental - (isMinor ? MINOR_SHIFT : 0);
  return Math.max(-MAX_SIGNS, Math.min(MAX_SIGNS, sharps));
}
