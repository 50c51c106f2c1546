import { type Neck } from "../neck";
import { pitchClass, SEMITONES_PER_OCTAVE, type PitchClass } from "../pitch";
import { type Stack } from "../stack";
import { compareFrettings, type Fretting, type ReachLimit } from "./fretting";
import { collect } from "./collect";
import { EMPTY_WINDOW, makeWidener, type Window } from "./window";

/**
 * Every way to put an octave-exact stack on a neck, each tone on a string of its own, with the
 * root in any octave: strings may be skipped, and a higher tone may lie on a thicker string.
 * Complete inside the limit, none twice, in the order of `compareFrettings`. Throws
 * TooManyFrettings where there are more than anyone could look at.
 */
export function findStackFrettings(
  neck: Neck,
  root: PitchClass,
  stack: Stack,
  limit: ReachLimit,
): readonly Fretting[] {
  const widen = makeWidener(neck, limit);
  const found: Fretting[] = [];
  const frets: (number | null)[] = neck.midi.map(() => null);
  const stringOfTone: number[] = [];

  const place = (tone: number, rootMidi: number, window: Window): void => {
    const semitones = stack[tone];
    if (semitones === undefined) {
      collect(found, frets);
      return;
    }
    // Two tones of one pitch would find every fretting twice; keep the strings in order instead.
    const first = tone > 0 && stack[tone - 1] === semitones ? (stringOfTone[tone - 1] ?? 0) + 1 : 0;
    for (let string = first; string < frets.length; string++) {
      const fret = rootMidi + semitones - (neck.midi[string] ?? 0);
      if (fret < 0 || fret > neck.frets || frets[string] !== null) continue;
      const wider = widen(window, string, fret);
      if (!wider) continue;
      frets[string] = fret;
      stringOfTone[tone] = string;
      place(tone + 1, rootMidi, wider);
      frets[string] = null;
    }
  };

  const lowest = Math.min(...neck.midi) - Math.max(...stack);
  const highest = Math.max(...neck.midi) + neck.frets - Math.min(...stack);
  const firstRoot = lowest + pitchClass(root - lowest);
  for (let rootMidi = firstRoot; rootMidi <= highest; rootMidi += SEMITONES_PER_OCTAVE) {
    place(0, rootMidi, EMPTY_WINDOW);
  }
  return found.sort(compareFrettings);
}
