import { type ArrangedChord, type Arrangement } from "./arrange";

/** What makes a song easier to play while it is learnt. */
export interface Ease {
  /** Each chord is struck once. */
  readonly isOnce: boolean;
  /** So long before the next chord nothing is struck, in quarters. */
  readonly roomQuarters: number;
  /** Null for the song's own. */
  readonly tempoBpm: number | null;
}

export const NO_EASE: Ease = { isOnce: false, roomQuarters: 0, tempoBpm: null };

const ROUNDING = 1e-9;

/** A song made easier; every chord is still struck when it comes. */
export function easeSong(
  arrangement: Arrangement,
  { isOnce, roomQuarters, tempoBpm }: Ease,
): Arrangement {
  const ease = (chord: ArrangedChord): ArrangedChord => {
    const latest = chord.untilNext - roomQuarters;
    const strikes = chord.strikes.filter(
      ({ at }, index) => index === 0 || (!isOnce && at < latest - ROUNDING),
    );
    return { ...chord, strikes };
  };
  return {
    ...arrangement,
    tempoBpm: tempoBpm ?? arrangement.tempoBpm,
    chords: isOnce || roomQuarters > 0 ? arrangement.chords.map(ease) : arrangement.chords,
  };
}
