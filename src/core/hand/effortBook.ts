import { type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { rankFingers, type Player } from "./fingering";

/**
 * The effort of frettings on one neck, each worked out once. What a fretting asks of the hand does not
 * depend on the tuning, so one book serves all tunings of a guitar.
 */
export interface EffortBook {
  /** The easiest fingering of a fretting. */
  readonly easiest: (fretting: Fretting) => Easiest;
}

interface Easiest {
  /** Effort points; Infinity where this hand cannot hold the fretting. */
  readonly effort: number;
  /** Fingers that press. */
  readonly fingers: number;
}

const UNPLAYABLE: Easiest = { effort: Infinity, fingers: 0 };

/** Some 150 MB; a full book is started over. */
const MAX_ENTRIES = 2_000_000;

export function makeEffortBook(neck: Neck, player: Player): EffortBook {
  const efforts = new Map<number, Easiest>();
  // Ten strings of 36 frets still number fewer frettings than a double counts exactly.
  const perString = neck.frets + 2;
  return {
    easiest: (fretting) => {
      let key = 0;
      for (const fret of fretting) key = key * perString + (fret === null ? 0 : fret + 1);
      const known = efforts.get(key);
      if (known !== undefined) return known;
      const [best] = rankFingers(neck, [...fretting], player);
      const easiest = best ? { effort: best.effort, fingers: best.presses.length } : UNPLAYABLE;
      if (efforts.size >= MAX_ENTRIES) efforts.clear();
      efforts.set(key, easiest);
      return easiest;
    },
  };
}
