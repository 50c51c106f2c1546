import { pitchClass, SEMITONES_PER_OCTAVE, type Midi, type PitchClass } from "@/core/pitch";
import { type Voicing } from "./voicing";

/**
 * The pitches a root may have, octave by octave, with the whole voicing between the lowest open string
 * and the highest fret.
 */
export function rootsOf(
  root: PitchClass,
  voicing: Voicing,
  { midi, frets }: { readonly midi: readonly Midi[]; readonly frets: number },
): readonly Midi[] {
  const lowest = Math.min(...midi) - Math.min(...voicing);
  const highest = Math.max(...midi) + frets - Math.max(...voicing);
  const roots: Midi[] = [];
  const first = lowest + pitchClass(root - lowest);
  for (let pitch = first; pitch <= highest; pitch += SEMITONES_PER_OCTAVE) roots.push(pitch);
  return roots;
}
