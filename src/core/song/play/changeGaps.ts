import { type Strike } from "./strikes";

/** A chord with its strums. */
export interface StruckChord {
  /** In quarters from the beginning of the song. */
  readonly start: number;
  /** How long it sounds, in quarters. */
  readonly beats: number;
  readonly strikes: readonly Strike[];
}

/**
 * The time for each change, in quarters: from the last strum that needs the old grip to the first that needs the new one.
 * Returns one gap fewer than there are chords.
 */
export function changeGaps(chords: readonly StruckChord[]): readonly number[] {
  return chords.slice(1).map((to, index) => {
    const from = chords[index];
    const left = from ? from.start + lastNeed(from) : 0;
    return Math.max(0, to.start + firstNeed(to) - left);
  });
}

/** False for choked strums and scratches, which are struck with the fretting hand off the frets. */
export function needsGrip({ touch }: Strike): boolean {
  return touch !== "choked";
}

/** When the grip is first needed, in quarters from the chord's start; its end if no strum needs it. */
function firstNeed({ strikes, beats }: StruckChord): number {
  return strikes.find(needsGrip)?.at ?? beats;
}

/** When the grip is last needed; the chord's start if no strum needs it. */
function lastNeed({ strikes }: StruckChord): number {
  return strikes.findLast(needsGrip)?.at ?? 0;
}
