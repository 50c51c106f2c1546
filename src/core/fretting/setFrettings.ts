import { type Neck } from "@/core/neck";
import { pitchClass, type PitchClass } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { collect } from "./collect";
import { compareFrettings, type Fretting, type ReachLimit } from "./fretting";
import { hold, NOTHING_HELD, type Held } from "./held";
import { EMPTY_WINDOW, makeWidener, type Window } from "./window";

/** Free mode: any doubling of the allowed degrees, as long as the required ones are there. */
export interface ToneSet {
  /** Semitones above the root that may sound. */
  readonly allowed: readonly number[];
  /** Semitones above the root that must sound; a part of `allowed`. */
  readonly required: readonly number[];
  readonly minNotes: number;
  readonly maxNotes: number;
  /** Leaves out what needs more fingers than these, however they are laid across strings. */
  readonly maxFingers?: number | undefined;
  /** More frettings than these are refused; without it, as many as anyone could look at. */
  readonly maxFrettings?: number | undefined;
}

/** A valid tone set, or what is wrong with it. */
export function checkToneSet(set: ToneSet): Result<ToneSet> {
  const allowed = new Set(set.allowed.map(pitchClass));
  if (allowed.size === 0)
    return failure("set.allowed", "no tone allowed; write semitones, like 0, 7");
  const stray = set.required.find((tone) => !allowed.has(pitchClass(tone)));
  if (stray !== undefined) return failure("set.required", `${stray} is required but not allowed`);
  if (!(set.minNotes >= 1))
    return failure("set.minNotes", `${set.minNotes}: at least 1 note must sound`);
  if (!(set.maxNotes >= set.minNotes)) {
    return failure("set.maxNotes", `${set.maxNotes} is less than minNotes, ${set.minNotes}`);
  }
  return success(set);
}

/**
 * Every fretting in free mode, complete inside the limit, none twice, in order. Throws TooManyFrettings where there are more
 * than anyone could use.
 */
export function findSetFrettings(
  neck: Neck,
  root: PitchClass,
  set: ToneSet,
  limit: ReachLimit,
): readonly Fretting[] {
  const widen = makeWidener(neck, limit);
  const allowed = maskOf(root, set.allowed);
  const required = maskOf(root, set.required);
  const strings = neck.midi.length;
  const { minNotes, maxNotes, maxFingers = Infinity, maxFrettings } = set;
  const found: Fretting[] = [];
  const frets: (number | null)[] = [];

  const visit = (notes: number, heard: number, window: Window, held: Held): void => {
    const string = frets.length;
    if (notes + strings - string < minNotes) return;
    if (string === strings) {
      if ((heard & required) === required) collect(found, frets, maxFrettings);
      return;
    }
    frets.push(null);
    visit(notes, heard, window, held);
    frets.pop();
    if (notes === maxNotes) return;
    const open = neck.midi[string] ?? 0;
    for (let fret = 0; fret <= neck.frets; fret++) {
      const tone = 1 << pitchClass(open + fret);
      if ((allowed & tone) === 0) continue;
      const wider = widen(window, string, fret);
      if (!wider) continue;
      const holding = hold(held, fret);
      if (holding.fingers > maxFingers) continue;
      frets.push(fret);
      visit(notes + 1, heard | tone, wider, holding);
      frets.pop();
    }
  };

  visit(0, 0, EMPTY_WINDOW, NOTHING_HELD);
  return found.sort(compareFrettings);
}

function maskOf(root: PitchClass, semitones: readonly number[]): number {
  return semitones.reduce((mask, tone) => mask | (1 << pitchClass(root + tone)), 0);
}
