import { type Neck } from "@/core/neck";
import {
  noteText,
  parseNote,
  pitchClass,
  pitchClassOf,
  spellDegree,
  type Note,
} from "@/core/pitch";

/** A root of a corner, and where it lies. */
interface CornerRoot {
  readonly numeral: "I" | "IV" | "V";
  readonly name: string;
  /** From the thickest, 0. */
  readonly string: number;
  readonly fret: number;
}

export type Corner = readonly CornerRoot[];

const [FOURTH, FIFTH, OCTAVE] = [5, 7, 12];

/**
 * Where I, IV and V lie together: I on the thickest string, the others on the next, as near to it as they come. In
 * standard tuning IV is at the same fret and V two frets up; in drop tunings IV is two down and V at the same (common
 * practice). Null where the neck has no such corner.
 */
export function cornerOf(neck: Neck, key: string): Corner | null {
  const tonic = parseNote(key);
  const [low, next] = neck.midi;
  if (!tonic.ok || low === undefined || next === undefined) return null;
  const first = pitchClass(pitchClassOf(tonic.value) - low);
  for (let fret = first; fret <= neck.frets; fret += OCTAVE) {
    const four = low + fret + FOURTH - next;
    const five = low + fret + FIFTH - next;
    if (Math.min(four, five) < 0 || Math.max(four, five) > neck.frets) continue;
    return [
      root("I", tonic.value, 0, 0, fret),
      root("IV", tonic.value, FOURTH, 1, four),
      root("V", tonic.value, FIFTH, 1, five),
    ];
  }
  return null;
}

function root(
  numeral: CornerRoot["numeral"],
  tonic: Note,
  degree: number,
  string: number,
  fret: number,
): CornerRoot {
  return { numeral, name: noteText(spellDegree(tonic, degree)), string, fret };
}
