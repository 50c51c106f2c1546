import { type Neck } from "@/core/neck";
import { type PitchClass } from "@/core/pitch";
import { rootsOf, type Voicing } from "@/core/voicing";
import { compareFrettings, type Fretting, type ReachLimit } from "./fretting";
import { makePlacer } from "./pitchFrettings";

/**
 * Every way to play an octave-exact voicing on a neck, each tone on a string of its own, with the
 * root in any octave: strings may be skipped, and a higher tone may lie on a thicker string.
 * Complete inside the limit, none twice, in the order of `compareFrettings`. Throws TooManyFrettings where there are more
 * than anyone could use.
 */
export function findVoicingFrettings(
  neck: Neck,
  root: PitchClass,
  voicing: Voicing,
  limit: ReachLimit,
): readonly Fretting[] {
  const found: Fretting[] = [];
  const place = makePlacer(neck, limit, found);
  const rising = [...voicing].sort((a, b) => a - b);
  for (const rootMidi of rootsOf(root, rising, neck)) {
    place(rising.map((semitones) => rootMidi + semitones));
  }
  return found.sort(compareFrettings);
}
