import { pitchClass } from "@/core/pitch";
import { optionalDegrees } from "./optionalDegrees";
import { type NamedVoicing, type Voicing } from "./voicing";

/** What to look for on a neck: a voicing as it stands, or any doubling of its degrees. */
export interface ChordForm {
  readonly voicing: Voicing;
  /**
   * Null for the voicing as it stands. Else free mode: every degree of the voicing sounds (see
   * `requiredDegrees`), in any octave and order and as often as one likes, on at least that many strings.
   */
  readonly minNotes: number | null;
}

/** The common chords for free mode, in the order they are taught (common practice). */
export const CHORDS: readonly NamedVoicing[] = [
  { name: "power chord", semitones: [0, 7] },
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
 * The degrees of a voicing, 0 to 11 semitones over the root, rising and each once.
 *
 * @example degreesOf([0, 7, 12, 16]) // [0, 4, 7]
 */
export function degreesOf(voicing: Voicing): readonly number[] {
  return [...new Set(voicing.map(pitchClass))].sort((a, b) => a - b);
}

/**
 * The degrees that free mode must sound.
 *
 * @example requiredDegrees([0, 4, 7, 10]) // [0, 4, 10]
 */
export function requiredDegrees(voicing: Voicing): readonly number[] {
  const optional = optionalDegrees(voicing);
  return degreesOf(voicing).filter((degree) => !optional.includes(degree));
}

/** Whether a voicing is one of those that a voicing asks for. */
export function fitsChordForm({ voicing, minNotes }: ChordForm, candidate: Voicing): boolean {
  if (minNotes === null) return voicing.join() === candidate.join();
  const [allowed, sounding] = [degreesOf(voicing), degreesOf(candidate)];
  return (
    candidate.length >= minNotes &&
    sounding.every((degree) => allowed.includes(degree)) &&
    requiredDegrees(voicing).every((degree) => sounding.includes(degree))
  );
}
