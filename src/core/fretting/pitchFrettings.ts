import { type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { collect } from "./collect";
import { compareFrettings, type Fretting, type ReachLimit } from "./fretting";
import { EMPTY_WINDOW, makeWidener, type Window } from "./window";

/**
 * Every way to sound exactly these pitches, each on a string of its own (a pitch given twice sounds on
 * two strings): complete inside the limit, none twice, in the order of `compareFrettings`. Silence has
 * one way. Throws TooManyFrettings where there are more than anyone could use.
 */
export function findPitchFrettings(
  neck: Neck,
  pitches: readonly Midi[],
  limit: ReachLimit = {},
): readonly Fretting[] {
  const found: Fretting[] = [];
  makePlacer(neck, limit, found)([...pitches].sort((a, b) => a - b));
  return found.sort(compareFrettings);
}

/** A function that adds every way to sound some pitches, given from the lowest up, to `found`. */
export function makePlacer(
  neck: Neck,
  limit: ReachLimit,
  found: Fretting[],
): (rising: readonly Midi[]) => void {
  const widen = makeWidener(neck, limit);
  const frets: (number | null)[] = neck.midi.map(() => null);
  const stringOf: number[] = [];

  const place = (rising: readonly Midi[], index: number, window: Window): void => {
    const midi = rising[index];
    if (midi === undefined) {
      collect(found, frets);
      return;
    }
    // Two equal pitches would find every fretting twice, so their strings are kept in order.
    const first = index > 0 && rising[index - 1] === midi ? (stringOf[index - 1] ?? 0) + 1 : 0;
    for (let string = first; string < frets.length; string++) {
      const fret = midi - (neck.midi[string] ?? 0);
      if (fret < 0 || fret > neck.frets || frets[string] !== null) continue;
      const wider = widen(window, string, fret);
      if (!wider) continue;
      frets[string] = fret;
      stringOf[index] = string;
      place(rising, index + 1, wider);
      frets[string] = null;
    }
  };
  return (rising) => place(rising, 0, EMPTY_WINDOW);
}
