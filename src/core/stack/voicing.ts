import { pitchClass } from "@/core/pitch";
import { optionalDegrees } from "./optionalDegrees";
import { type NamedStack, type Stack } from "./stack";

/** What to look for on a neck: a stack as it stands, or any doubling of its degrees. */
export interface Voicing {
  readonly stack: Stack;
  /**
   * Null for the stack as it stands. Else free mode: every degree of the stack sounds (see
   * `requiredDegrees`), in any octave and order and as often as one likes, on at least that many strings.
   */
  readonly leastNotes: number | null;
}

/** The common chords for free mode, in the order they are taught (common practice). */
export const CHORDS: readonly NamedStack[] = [
  { name: "five", semitones: [0, 7] },
  { name: "major", semitones: [0, 4, 7] },
  { name: "minor", semitones: [0, 3, 7] },
  { name: "seven", semitones: [0, 4, 7, 10] },
  { name: "minor seven", semitones: [0, 3, 7, 10] },
  { name: "major seven", semitones: [0, 4, 7, 11] },
  { name: "sus two", semitones: [0, 2, 7] },
  { name: "sus four", semitones: [0, 5, 7] },
  { name: "six", semitones: [0, 4, 7, 9] },
  { name: "minor six", semitones: [0, 3, 7, 9] },
  { name: "add nine", semitones: [0, 4, 7, 14] },
  { name: "diminished", semitones: [0, 3, 6] },
  { name: "diminished seven", semitones: [0, 3, 6, 9] },
  { name: "half-diminished", semitones: [0, 3, 6, 10] },
  { name: "augmented", semitones: [0, 4, 8] },
];

/**
 * The degrees of a stack, 0 to 11 semitones over the root, rising and each once.
 *
 * @example degreesOf([0, 7, 12, 16]) // [0, 4, 7]
 */
export function degreesOf(stack: Stack): readonly number[] {
  return [...new Set(stack.map(pitchClass))].sort((a, b) => a - b);
}

/**
 * The degrees that free mode must sound.
 *
 * @example requiredDegrees([0, 4, 7, 10]) // [0, 4, 10]
 */
export function requiredDegrees(stack: Stack): readonly number[] {
  const optional = optionalDegrees(stack);
  return degreesOf(stack).filter((degree) => !optional.includes(degree));
}

/** Whether a stack is one of those that a voicing asks for. */
export function isVoicing({ stack, leastNotes }: Voicing, candidate: Stack): boolean {
  if (leastNotes === null) return stack.join() === candidate.join();
  const [allowed, sounding] = [degreesOf(stack), degreesOf(candidate)];
  return (
    candidate.length >= leastNotes &&
    sounding.every((degree) => allowed.includes(degree)) &&
    requiredDegrees(stack).every((degree) => sounding.includes(degree))
  );
}
