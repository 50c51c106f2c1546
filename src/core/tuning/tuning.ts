import { type Midi } from "@/core/pitch";

export type TuningKind = "standard" | "drop" | "double drop" | "open" | "modal" | "regular" | "own";

/** A tuning: one pitch per string, from the thickest (lowest by habit) to the thinnest. */
export interface Tuning {
  readonly name: string;
  readonly kind: TuningKind;
  readonly midi: readonly Midi[];
}

export const MIN_STRINGS = 4;
export const MAX_STRINGS = 10;

/** Lowest and highest pitch that any string may have: 18 Hz and 1,397 Hz (a wide margin round both). */
export const LOWEST_STRING_MIDI = 14;
export const HIGHEST_STRING_MIDI = 89;

/**
 * The usual tuning for each number of strings. Six and seven strings and the basses are
 * GNU LilyPond's predefined tunings (string-tunings-init, 2.24); eight adds a low F#, nine C#
 * and ten G#, each a fourth lower (common practice).
 */
const USUAL: Readonly<Record<number, readonly Midi[]>> = {
  4: [28, 33, 38, 43],
  5: [23, 28, 33, 38, 43],
  6: [40, 45, 50, 55, 59, 64],
  7: [35, 40, 45, 50, 55, 59, 64],
  8: [30, 35, 40, 45, 50, 55, 59, 64],
  9: [25, 30, 35, 40, 45, 50, 55, 59, 64],
  10: [20, 25, 30, 35, 40, 45, 50, 55, 59, 64],
};

/** The usual tuning of a guitar with 4 to 10 strings. Throws a RangeError outside that. */
export function usualMidi(strings: number): readonly Midi[] {
  const midi = USUAL[strings];
  if (!midi) {
    throw new RangeError(`${strings} strings: a guitar has ${MIN_STRINGS} to ${MAX_STRINGS}`);
  }
  return midi;
}

export function samePitches(a: readonly Midi[], b: readonly Midi[]): boolean {
  return a.length === b.length && a.every((midi, string) => midi === b[string]);
}

/**
 * Whether a thicker string sounds higher than a thinner one somewhere; allowed, but worth a remark.
 *
 * @example isCrossed([43, 40, 50, 55, 59, 64]) // true
 */
export function isCrossed(midi: readonly Midi[]): boolean {
  return midi.some((pitch, string) => string > 0 && pitch < (midi[string - 1] ?? pitch));
}

/**
 * How far a tuning lies from another on the same guitar: semitones summed over the strings,
 * those upward counted double, because a string let down is safe and one wound up may break.
 */
export function retuningCost(from: readonly Midi[], to: readonly Midi[]): number {
  return to.reduce((sum, midi, string) => sum + stepCost((from[string] ?? midi) - midi), 0);
}

/** The tension share of one string that is let down by `down` semitones (negative: wound up). */
export function stepCost(down: number): number {
  return down >= 0 ? down : -2 * down;
}
