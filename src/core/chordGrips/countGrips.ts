import { type Chord } from "@/core/chart";
import { TooManyFrettings } from "@/core/fretting";
import { type Player } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { findChordGrips } from "./chordGrips";

/** All that a neck offers for a chord, whatever the player weighs. */
export interface GripCounts {
  /** Grips that this hand can hold. */
  readonly playable: number;
  /** Those that no finger or a single one holds. */
  readonly oneFinger: number;
  readonly strumSafe: number;
  /** Those in which an open string rings. */
  readonly ringing: number;
  /** The lowest and highest note of any; null where there is none. */
  readonly lowest: Midi | null;
  readonly highest: Midi | null;
}

/** Counts the grips of a chord on a neck; null where there are more than can be counted. */
export function countGrips(neck: Neck, chord: Chord, player: Player = {}): GripCounts | null {
  try {
    const grips = findChordGrips(neck, chord, player);
    let [lowest, highest] = [Infinity, -Infinity];
    for (const { midi } of grips) {
      lowest = Math.min(lowest, ...midi);
      highest = Math.max(highest, ...midi);
    }
    return {
      playable: grips.length,
      oneFinger: grips.filter(({ best }) => best.presses.length <= 1).length,
      strumSafe: grips.filter(({ best }) => best.damping.strumSafe).length,
      ringing: grips.filter(({ fretting }) => fretting.includes(0)).length,
      lowest: grips.length > 0 ? lowest : null,
      highest: grips.length > 0 ? highest : null,
    };
  } catch (error) {
    if (error instanceof TooManyFrettings) return null;
    throw error;
  }
}

/** The counts of several chords together; null where one is too much to count. */
export function sumCounts(counts: readonly (GripCounts | null)[]): GripCounts | null {
  const known = counts.filter((each) => each !== null);
  if (known.length < counts.length || known.length === 0) return null;
  const sum = (of: (each: GripCounts) => number) => known.reduce((all, each) => all + of(each), 0);
  const lows = known.flatMap(({ lowest }) => (lowest === null ? [] : [lowest]));
  const highs = known.flatMap(({ highest }) => (highest === null ? [] : [highest]));
  return {
    playable: sum(({ playable }) => playable),
    oneFinger: sum(({ oneFinger }) => oneFinger),
    strumSafe: sum(({ strumSafe }) => strumSafe),
    ringing: sum(({ ringing }) => ringing),
    lowest: lows.length > 0 ? Math.min(...lows) : null,
    highest: highs.length > 0 ? Math.max(...highs) : null,
  };
}
