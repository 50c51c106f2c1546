import { type Midi } from "@/core/pitch";
import { stepCost } from "@/core/tuning";

/** Effort points for each string that is turned, however little (a judgement). */
const PER_STRING = 2;

/**
 * What one string costs to retune, in effort points: something for turning it at all, and one a
 * semitone down or two a semitone up, because a string let down is safe and one wound up may break.
 */
export function stringRetuningCost(from: Midi, to: Midi): number {
  return from === to ? 0 : PER_STRING + stepCost(from - to);
}

/** The same for all strings of a guitar; both tunings must have as many. */
export function retuningPoints(from: readonly Midi[], to: readonly Midi[]): number {
  return to.reduce((sum, midi, string) => sum + stringRetuningCost(from[string] ?? midi, midi), 0);
}
