import { type Arrangement, type SongChange, type SongRoute } from "@/core/arrangement";
import { fittsMs, type TimingConstants } from "@/core/motion";

/** The tightest change of a round, as far as its time depends on it. */
export interface RoundChange {
  readonly travelMm: number;
  /** The room between two wires where the index arrives. */
  readonly spaceMm: number;
  readonly isNewShape: boolean;
  /** In the same shape, but on other strings. */
  readonly isAcross: boolean;
  readonly isTowardNut: boolean;
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
    const least = tightest === null ? Infinity : (timed.changes[tightest]?.slackMs ?? Infinity);
    if (slackMs < least) tightest = at;
  }
  return tightest;
}

/** A change, as far as its time depends on it. */
export function roundChangeOf(change: SongChange): RoundChange {
  const { travelMm, arrivalSpaceMm, isShapeKept, landed, isTowardNut, availableMs } = change;
  return {
    travelMm,
    spaceMm: arrivalSpaceMm,
    isNewShape: !isShapeKept,
    isAcross: isShapeKept && landed.length > 0,
    isTowardNut,
    availableMs,
  };
}

/** What a change takes in a hand of these constants, in ms. */
export function changeMs(change: RoundChange, constants: TimingConstants): number {
  const { travelMm, spaceMm, isNewShape, isAcross, isTowardNut } = change;
  const { usableShare, newShapeMs, acrossMs, towardNutMs } = constants;
  return (
    (travelMm > 0 ? fittsMs(constants, travelMm, usableShare * spaceMm) : 0) +
    (isNewShape ? newShapeMs : 0) +
    (isAcross ? acrossMs : 0) +
    (isTowardNut ? towardNutMs : 0)
  );
}
