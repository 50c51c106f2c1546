import { SEMITONES_PER_OCTAVE, type Midi } from "@/core/pitch";

/** How to check a string by ear against one that is right already. */
export interface ByEarCheck {
  /** Index of the string to listen to, from the thickest, from 0. */
  readonly referenceString: number;
  readonly referenceFret: number;
  /** Fret to hold on the string being tuned; 0 is open. */
  readonly tunedFret: number;
  readonly kind: "unison" | "octave";
}

/**
 * What makes a check hard to hear or to hold, in points (judgement): an octave is harder than a
 * unison, holding the string that is being turned is awkward, high frets sound short and sharp.
 */
const OCTAVE_COST = 2.5;
const TUNED_FRET_COST = 2;
const COST_PER_FRET = 0.25;
const COST_PER_STRING = 0.3;

/** Checks that cost more are poor: an order of strings that avoids them is better. */
const POOR_COST = 4.5;

/**
 * The easiest check of `string` against strings that are right already; null where none reaches.
 *
 * @param target pitch per string, thickest first
 * @param ready indexes of the strings that sound their target
 * @param frets number of frets that can be held
 */
export function findCheck(
  target: readonly Midi[],
  string: number,
  ready: readonly number[],
  frets: number,
): ByEarCheck | null {
  let best: ByEarCheck | null = null;
  for (const reference of ready) {
    if (reference === string) continue;
    for (const check of checksBetween(target, string, reference)) {
      if (Math.max(check.referenceFret, check.tunedFret) > frets) continue;
      if (!best || checkCost(check, string) < checkCost(best, string)) best = check;
    }
  }
  return best;
}

export function isPoorCheck(check: ByEarCheck, string: number): boolean {
  return checkCost(check, string) > POOR_COST;
}

function checksBetween(
  target: readonly Midi[],
  string: number,
  reference: number,
): readonly ByEarCheck[] {
  const above = (target[string] ?? 0) - (target[reference] ?? 0);
  return [0, SEMITONES_PER_OCTAVE, -SEMITONES_PER_OCTAVE].map((shift) => ({
    referenceString: reference,
    referenceFret: Math.max(0, above + shift),
    tunedFret: Math.max(0, -(above + shift)),
    kind: shift === 0 ? "unison" : "octave",
  }));
}

function checkCost(check: ByEarCheck, string: number): number {
  const { referenceString, referenceFret, tunedFret, kind } = check;
  return (
    (kind === "octave" ? OCTAVE_COST : 0) +
    (tunedFret > 0 ? TUNED_FRET_COST : 0) +
    COST_PER_FRET * Math.max(referenceFret, tunedFret) +
    COST_PER_STRING * Math.abs(referenceString - string)
  );
}
