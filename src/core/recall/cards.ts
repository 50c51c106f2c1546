import { type Neck } from "@/core/neck";
import { pitchClass, type Midi } from "@/core/pitch";

/** A place on a string, whatever instrument it is on: another tuning inherits every string it shares. */
export interface NoteCard {
  readonly openMidi: Midi;
  readonly fret: number;
}

/** Twelve frets on, everything comes again. */
export const CARD_FRETS = 12;

export function cardId({ openMidi, fret }: NoteCard): string {
  return `note:${openMidi}:${fret}`;
}

/** The card of a place; frets from 12 on have the card of the fret an octave below. */
export function cardAt(neck: Neck, string: number, fret: number): NoteCard {
  return { openMidi: neck.midi[string] ?? 0, fret: fret % CARD_FRETS };
}

/** Null for what is the card of something else. */
export function readCardId(id: string): NoteCard | null {
  const found = /^note:(\d{1,3}):(\d{1,2})$/.exec(id);
  if (!found) return null;
  const [openMidi, fret] = [Number(found[1]), Number(found[2])];
  return fret < CARD_FRETS ? { openMidi, fret } : null;
}

export interface CardPlace extends NoteCard {
  /** From the thickest, 0. */
  readonly string: number;
}

const MARKED = [3, 5, 7];
const NATURALS: readonly number[] = [0, 2, 4, 5, 7, 9, 11];

export function isNatural(midi: Midi): boolean {
  return NATURALS.includes(pitchClass(midi));
}

/**
 * All cards of a neck in the order in which they are learnt (common practice): the marked frets 3, 5 and 7 of the
 * thickest of the usual six strings first, then its other naturals, its sharps and flats, the same on the next thinner
 * string, and so on; strings below the usual six come last. Two strings of one pitch share their cards.
 */
export function learningOrder(neck: Neck): readonly CardPlace[] {
  const strings = neck.midi.map((_, string) => string);
  const extra = Math.max(0, strings.length - USUAL_STRINGS);
  const seen = new Set<number>();
  return [...strings.slice(extra), ...strings.slice(0, extra).reverse()].flatMap((string) => {
    const openMidi = neck.midi[string] ?? 0;
    if (seen.has(openMidi)) return [];
    seen.add(openMidi);
    const frets = Array.from({ length: Math.min(CARD_FRETS, neck.frets + 1) }, (_, fret) => fret);
    const stage = (fret: number) =>
      MARKED.includes(fret) ? 0 : isNatural(openMidi + fret) ? 1 : 2;
    return frets
      .toSorted((a, b) => stage(a) - stage(b) || a - b)
      .map((fret) => ({ openMidi, fret, string }));
  });
}

export const USUAL_STRINGS = 6;
