import { pitchClass, type Midi } from "@/core/pitch";
import { type Neck } from "./neck";
import { type Position } from "./positions";

/** C D E F G A B. */
const NATURALS = [0, 2, 4, 5, 7, 9, 11];

/** A natural note on a string. */
interface NaturalNote extends Position {
  readonly midi: Midi;
  /** Frets to the next natural note: 1 from B to C and from E to F, else 2. */
  readonly toNext: 1 | 2;
}

/** The natural notes up one string, by whole and half steps. */
export function naturalPath(neck: Neck, string: number): readonly NaturalNote[] {
  const open = neck.midi[string] ?? 0;
  return Array.from({ length: neck.frets + 1 }, (_, fret): NaturalNote[] => {
    const midi = open + fret;
    if (!isNatural(midi)) return [];
    return [{ string, fret, midi, toNext: isNatural(midi + 1) ? 1 : 2 }];
  }).flat();
}

function isNatural(midi: Midi): boolean {
  return NATURALS.includes(pitchClass(midi));
}
