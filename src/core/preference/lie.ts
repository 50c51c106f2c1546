import { type Fretting } from "@/core/fretting";
import { type Midi } from "@/core/pitch";

/** How a fretting lies on the neck; counted once for all traits. */
export interface FrettingCounts {
  readonly lowestFret: number;
  readonly highestFret: number;
  readonly open: number;
  /** Open strings between pressed ones. */
  readonly openBetween: number;
  readonly notes: number;
  readonly thickest: number;
  readonly thinnest: number;
  /** Different frets that are pressed. */
  readonly frets: number;
}

export function countFretting(fretting: Fretting): FrettingCounts {
  let lowestFret = Infinity;
  let highestFret = 0;
  let open = 0;
  let openSincePressed = 0;
  let openBetween = 0;
  let notes = 0;
  let thickest = -1;
  let thinnest = -1;
  let seen = 0;
  let frets = 0;
  for (let string = 0; string < fretting.length; string++) {
    const fret = fretting[string];
    if (fret === null || fret === undefined) continue;
    if (thickest < 0) thickest = string;
    thinnest = string;
    notes++;
    if (fret === 0) {
      open++;
      openSincePressed++;
      continue;
    }
    if (highestFret > 0) openBetween += openSincePressed;
    openSincePressed = 0;
    if (fret < lowestFret) lowestFret = fret;
    if (fret > highestFret) highestFret = fret;
    if (fret < 31 && (seen & (1 << fret)) === 0) {
      seen |= 1 << fret;
      frets++;
    }
  }
  if (highestFret === 0) lowestFret = 0;
  return { lowestFret, highestFret, open, openBetween, notes, thickest, thinnest, frets };
}

/** Adds up how many pitches repeat one before them, and how often the next thinner string sounds lower. */
export function countRepeats(midi: readonly Midi[]): { same: number; falling: number } {
  let same = 0;
  let falling = 0;
  for (let index = 1; index < midi.length; index++) {
    const pitch = midi[index] ?? 0;
    if (pitch < (midi[index - 1] ?? 0)) falling++;
    for (let before = 0; before < index; before++) if (midi[before] === pitch) same++;
  }
  return { same, falling };
}
