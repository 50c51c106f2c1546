import { pitchClass, type Midi, type PitchClass } from "@/core/pitch";

/** What a chord asks of its grips, as far as players' preference depends on it. */
export interface RequestedChord {
  /** A voicing has all its tones fixed; in free mode strings, doublings and bass are the player's. */
  readonly kind: "voicing" | "free";
  readonly root: PitchClass;
  /** What the lowest note should be: the root, or the note after a slash. */
  readonly bass: PitchClass;
  /** How many different degrees may sound. */
  readonly degrees: number;
  /** From sevenths up a chord is no better for doublings and for further strings. */
  readonly isTriad: boolean;
}

const TRIAD_DEGREES = 3;

export function requestVoicing(root: PitchClass): RequestedChord {
  return { kind: "voicing", root, bass: root, degrees: 0, isTriad: true };
}

/**
 * `allowed` are semitones over the root; `bass` is one of them where a slash names it, else null. A foreign bass
 * is no tone of the chord itself.
 */
export function requestSet(
  root: PitchClass,
  allowed: readonly number[],
  bass: number | null = null,
  bassIsForeign = false,
): RequestedChord {
  return {
    kind: "free",
    root,
    bass: pitchClass(root + (bass ?? 0)),
    degrees: allowed.length,
    isTriad: allowed.length - (bassIsForeign ? 1 : 0) <= TRIAD_DEGREES,
  };
}

/** What pitches over a root ask for: a whole chord from three different degrees up, else a voicing. Lowest pitch first. */
export function requestPitches(root: PitchClass, pitches: readonly Midi[]): RequestedChord {
  const degrees = [...new Set(pitches.map((midi) => pitchClass(midi - root)))];
  const [lowest = 0] = degrees;
  return degrees.length < TRIAD_DEGREES ? requestVoicing(root) : requestSet(root, degrees, lowest);
}
