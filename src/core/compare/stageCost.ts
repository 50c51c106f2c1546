import {
  makeRetuneSheet,
  type RetuneOptions,
  type RetuneSheet,
  type StrungGuitar,
} from "../tuning";
import { type Midi } from "../pitch";
import { retuningPoints } from "./retuning";
import { type Totals } from "./weighTuning";
import { type Weights } from "./weights";

/** What it costs to bring a guitar into a tuning. */
export interface StageCost {
  /** Strings to turn. */
  readonly turned: number;
  /** On stage, at so much a string. */
  readonly minutes: number;
  /** Effort points, unweighted. */
  readonly points: number;
  readonly sheet: RetuneSheet;
}

/** Both tunings must have as many strings as the guitar; throws a RangeError otherwise. */
export function stageCost(
  guitar: StrungGuitar,
  from: readonly Midi[],
  to: readonly Midi[],
  minutesPerString: number,
  options: RetuneOptions = {},
): StageCost {
  const sheet = makeRetuneSheet(guitar, from, to, options);
  const turned = sheet.order.length;
  return { turned, minutes: turned * minutesPerString, points: retuningPoints(from, to), sheet };
}

/** A tuning's score: its chords and its retuning, each as this player weighs it; null without totals. */
export function scoreOf(
  totals: Totals | null,
  { points }: Pick<StageCost, "points">,
  weights: Weights,
): number | null {
  return totals && totals.cost + weights.retuning * points;
}
