import { type Arrangement, type SongChange, type SongRoute } from "@/core/arrangement";
import { type ChangeDemands } from "@/core/motion";

/** The tightest change of a round, as far as its time depends on it. */
export interface RoundChange extends ChangeDemands {
  readonly availableMs: number;
}

/** Bars that are played, the second one not included; null for all. */
type PlayedBars = readonly [from: number, to: number] | null;

/**
 * The tightest change among bars, by its place in the route; null where nothing has to move there.
 */
export function tightestAt(
  { chords }: Pick<Arrangement, "chords">,
  { played, timed }: SongRoute,
  bars: PlayedBars,
): number | null {
  const [from, to] = bars ?? [0, Infinity];
  const isIn = (stop: number) => {
    const bar = chords[played[stop] ?? -1]?.playedBar ?? -1;
    return bar >= from && bar < to;
  };
  let tightest: number | null = null;
  for (const [at, { neededMs, slackMs }] of timed.changes.entries()) {
    if (neededMs <= 0 || !isIn(at) || !isIn(at + 1)) continue;
    const min = tightest === null ? Infinity : (timed.changes[tightest]?.slackMs ?? Infinity);
    if (slackMs < min) tightest = at;
  }
  return tightest;
}

/** A change, as far as its time depends on it. */
export function roundChangeOf(change: SongChange): RoundChange {
  return {
    isMoving: change.isMoving,
    travelMm: change.travelMm,
    arrivalSpaceMm: change.arrivalSpaceMm,
    placedFingers: change.placedFingers,
    laysBarre: change.laysBarre,
    laysSmallBarre: change.laysSmallBarre,
    dropsBarre: change.dropsBarre,
    overreachMm: change.overreachMm,
    clearsOpenStrings: change.clearsOpenStrings,
    isOneFinger: change.isOneFinger,
    leavesOpenStrings: change.leavesOpenStrings,
    availableMs: change.availableMs,
  };
}
