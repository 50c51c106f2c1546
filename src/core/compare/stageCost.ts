import { weighRetuning, type Weights } from "@/core/gripSearch";
import { type Midi } from "@/core/pitch";
import { makeRetuneSheet, type RetuneOptions, type RetuneSheet } from "@/core/retuning";
import { type StrungGuitar } from "@/core/strings";
import { retuningPoints } from "./retuning";
import { type Totals } from "./weighTuning";

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
  return totals && totals.cost + weighRetuning(points, weights);
}
