import { checkFretting, type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { success, type Result } from "@/core/result";
import { assignFingers, type Press, type ReachRule } from "./assign";
import { CROSSED_POINTS, crossIndex } from "./crossed";
import { readSilence, type Silence } from "./dampers";
import { planDamping, type DampingPlan } from "./damping";
import { effortTerms, totalEffort, type EffortTerms } from "./effort";
import {
  checkHand,
  DEFAULT_HAND,
  DEFAULT_SCHOOL,
  type Finger,
  type Hand,
  type School,
} from "./hand";
import { reachMm } from "./reach";

/** A fretting with a finger on every fretted string. */
export interface Fingering {
  readonly fretting: Fretting;
  /** Per string, thickest first: the finger, or 0 where none presses. */
  readonly fingers: readonly (Finger | 0)[];
  /** What each finger holds, the lowest fret first (the thumb before all). */
  readonly presses: readonly Press[];
  /** Effort points: the sum of `terms`. */
  readonly effort: number;
  readonly terms: EffortTerms;
  /** How far the hand opens along the neck, in mm. */
  readonly reachMm: number;
  readonly damping: DampingPlan;
}

export interface Player {
  readonly hand?: Hand | undefined;
  readonly school?: School | undefined;
}

/** `rankFingers` for user input: the problem names what does not fit the neck or the hand. */
export function fingerFretting(
  neck: Neck,
  fretting: Fretting,
  player: Player = {},
): Result<readonly Fingering[]> {
  const fitting = checkFretting(neck, fretting);
  if (!fitting.ok) return fitting;
  const hand = checkHand(player.hand ?? DEFAULT_HAND);
  if (!hand.ok) return hand;
  return success(rankFingers(neck, fretting, player));
}

/**
 * Every way this hand can finger a fretting, easiest first; empty where it cannot be held, unless
 * a reach beyond the hand is asked for. The fretting must fit the neck (`checkFretting`).
 */
export function rankFingers(
  neck: Neck,
  fretting: Fretting,
  player: Player = {},
  reach?: ReachRule,
): readonly Fingering[] {
  const { hand = DEFAULT_HAND, school = DEFAULT_SCHOOL } = player;
  const silence = readSilence(neck, fretting, hand);
  const found: Fingering[] = [];
  for (const presses of assignFingers(neck, fretting, hand, reach)) {
    const usual = weighPresses(silence, presses, presses, school);
    found.push(usual);
    const crossed = crossIndex(presses);
    if (crossed) found.push(weighPresses(silence, crossed, presses, school, CROSSED_POINTS));
  }
  return found.sort(compareFingerings);
}

/** Builds a fingering. Effort is counted on the presses in their usual order, plus the points for crossing. */
function weighPresses(
  silence: Silence,
  presses: readonly Press[],
  usual: readonly Press[],
  school: School,
  crossed = 0,
): Fingering {
  const { fretting } = silence;
  const damping = planDamping(silence, presses);
  const terms = effortTerms(silence, usual, damping, school, crossed);
  return {
    fretting,
    fingers: fingersOf(fretting, presses),
    presses,
    effort: totalEffort(terms),
    terms,
    reachMm: reachMm(presses),
    damping,
  };
}

/** Per string, thickest first: the finger that presses it, or 0. */
export function fingersOf(fretting: Fretting, presses: readonly Press[]): readonly (Finger | 0)[] {
  const fingers = new Array<Finger | 0>(fretting.length).fill(0);
  for (const { finger, hold } of presses) {
    for (const string of hold.strings) fingers[string] = finger;
  }
  return fingers;
}

function compareFingerings(a: Fingering, b: Fingering): number {
  return a.effort - b.effort || a.fingers.join().localeCompare(b.fingers.join());
}
