import { degreeName, SEMITONES_PER_OCTAVE } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { MAX_STRINGS } from "@/core/tuning";

/** Semitones from the root, lowest tone first, octave-exact: [-5, 0] is the fifth below the root. */
export type Voicing = readonly number[];

export interface NamedVoicing {
  readonly name: string;
  readonly semitones: Voicing;
}

/** What players call tones more than an octave up; the others keep the name of their degree. */
const COMPOUND_NAMES: Readonly<Record<number, string>> = {
  13: "b9",
  14: "9",
  17: "11",
  18: "#11",
  20: "b13",
  21: "13",
};

/** The common voicings, in the order they are taught (common practice). */
export const VOICINGS: readonly NamedVoicing[] = [
  named([0, 7]),
  named([0, 7, 12]),
  named([-5, 0]),
  named([-5, 0, 7]),
  named([-5, 0, 4]),
  named([0, 12]),
  named([0, 7, 12, 19]),
  named([0, 7, 14]),
  named([0, 5]),
  named([0, 2, 7]),
  named([0, 5, 7]),
  named([0, 6]),
  // The fifth of a power chord that steps up to the sixth and back (the blues shuffle).
  named([0, 9]),
  // Eight semitones are a flat six elsewhere; in a voicing they raise the fifth.
  named([0, 8], "R #5"),
];

function named(semitones: Voicing, name = voicingName(semitones)): NamedVoicing {
  return { name, semitones };
}

const WIDEST_SEMITONES = 6 * SEMITONES_PER_OCTAVE;

/**
 * A voicing's tones as players count them: [0, 7, 12] is "R 5 8", [-5, 0, 4] is "5 R 3".
 *
 * @example stackName([-5, 0, 7]) // "5 R 5"
 */
export function voicingName(voicing: Voicing): string {
  return voicing.map(toneName).join(" ");
}

/**
 * One tone of a voicing: like its degree, but a root one or more octaves up is "8", "15" ..., and a
 * second, fourth or sixth over the octave "9", "11", "13".
 */
export function toneName(semitones: number): string {
  const octaves = semitones / SEMITONES_PER_OCTAVE;
  if (Number.isInteger(octaves) && octaves > 0) return String(1 + 7 * octaves);
  return COMPOUND_NAMES[semitones] ?? degreeName(semitones);
}

/** A voicing from whole semitones, put in order. Empty, too many or too wide is a problem. */
export function makeVoicing(semitones: readonly number[], field = "voicing"): Result<Voicing> {
  if (semitones.length === 0 || semitones.length > MAX_STRINGS) {
    return failure(field, `${semitones.length} tones; a voicing has 1 to ${MAX_STRINGS}`);
  }
  const wrong = semitones.find(
    (tone) => !Number.isInteger(tone) || Math.abs(tone) > WIDEST_SEMITONES,
  );
  if (wrong !== undefined) {
    return failure(field, `${wrong}: write whole semitones from the root, like 0, 7, 12`);
  }
  return success([...semitones].sort((a, b) => a - b));
}
