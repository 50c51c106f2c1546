import { type Fretting } from "../fretting";
import { type Neck } from "../neck";
import { assignFingers, type Press } from "./assign";
import { effortTerms, reachMm, totalEffort, type EffortTerms } from "./effort";
import { DEFAULT_HAND, DEFAULT_SCHOOL, type Finger, type Hand, type School } from "./hand";

/** A fretting with a finger on every fretted string. */
export interface Fingering {
  readonly fretting: Fretting;
  /** Per string, thickest first: the finger, or 0 where none presses. */
  readonly fingers: readonly (Finger | 0)[];
  /** Effort points: the sum of `terms`, never below 0. */
  readonly effort: number;
  readonly terms: EffortTerms;
  /** How far the hand opens along the neck, in mm. */
  readonly reachMm: number;
}

export interface Player {
  readonly hand?: Hand | undefined;
  readonly school?: School | undefined;
}

/** Every way this hand can finger a fretting, easiest first; empty where it cannot be held. */
export function rankFingers(
  neck: Neck,
  fretting: Fretting,
  player: Player = {},
): readonly Fingering[] {
  const { hand = DEFAULT_HAND, school = DEFAULT_SCHOOL } = player;
  return assignFingers(neck, fretting, hand)
    .map((presses): Fingering => {
      const terms = effortTerms(neck, fretting, presses, hand, school);
      return {
        fretting,
        fingers: fingersByString(fretting, presses),
        effort: totalEffort(terms),
        terms,
        reachMm: reachMm(presses),
      };
    })
    .sort((a, b) => a.effort - b.effort || compareFingers(a, b));
}

function fingersByString(fretting: Fretting, presses: readonly Press[]): readonly (Finger | 0)[] {
  return fretting.map(
    (_, string) => presses.find((press) => press.strings.includes(string))?.finger ?? 0,
  );
}

function compareFingers(a: Fingering, b: Fingering): number {
  return a.fingers.join().localeCompare(b.fingers.join());
}
