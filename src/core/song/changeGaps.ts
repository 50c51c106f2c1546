import { type Strike } from "./strikes";

/** A chord as it is struck. */
export interface StruckChord {
  /** In quarters from the beginning of the song. */
  readonly start: number;
  /** How long it sounds, in quarters. */
  readonly beats: number;
  readonly strikes: readonly Strike[];
}

/**
 * The time that the hand has for each change, in quarters: from the last strum that needs the old grip to the first that
 * needs the new one. One less than the chords.
 */
export function changeGaps(chords: readonly StruckChord[]): readonly number[] {
  return chords.slice(1).map((to, index) => {
    const from = chords[index];
    const left = from ? from.start + lastNeed(from) : 0;
    return Math.max(0, to.start + firstNeed(to) - left);
  });
}

/** A choked strum or a scratch is struck with the fretting hand off the frets. */
export function needsGrip({ touch }: Strike): boolean {
  return touch !== "choked";
}

/** From the beginning of a chord, in quarters; its end where no strum needs the grip. */
function firstNeed({ strikes, beats }: StruckChord): number {
  return strikes.find(needsGrip)?.at ?? beats;
}

/** The same for the last strum; its beginning where none needs the grip. */
function lastNeed({ strikes }: StruckChord): number {
  return strikes.findLast(needsGrip)?.at ?? 0;
}
