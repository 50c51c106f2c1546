import { type Level, LEVELS, TIMING, TIMING_TERMS } from "@/core/motion";
import { isFields, type Fields } from "./upgrade";

/**
 * What the first law of tempos saved, in the terms of the present one. It took a + b log2(D / (W/2) + 1) ms, a fixed time for
 * another shape or other strings, and left the chord a third of its last strum, at most 120 ms.
 */

const OLD_SOUNDING_SHARE = 1 / 3;
const OLD_LONGEST_SOUNDING_MS = 120;
/** Which fingers a round placed was not saved; another shape mostly took three (a judgement). */
const NEW_SHAPE_FINGERS = 3;
const CROSSING_FINGERS = 1.5;

/** The tightest change of a round. */
export function upgradeRoundChange(saved: unknown): unknown {
  if (!isFields(saved)) return saved;
  const { travelMm, spaceMm, isNewShape, isAcross, availableMs } = saved;
  return {
    isMoving: true,
    travelMm,
    arrivalSpaceMm: spaceMm,
    placedFingers: isNewShape ? NEW_SHAPE_FINGERS : isAcross ? CROSSING_FINGERS : 0,
    laysBarre: false,
    laysSmallBarre: false,
    dropsBarre: false,
    overreachMm: 0,
    clearsOpenStrings: false,
    isOneFinger: false,
    leavesOpenStrings: false,
    availableMs: typeof availableMs === "number" ? wholeGapMs(availableMs) : availableMs,
  };
}

/** The time since the last strum, of which the old law left only this much for the change. */
function wholeGapMs(availableMs: number): number {
  const shared = availableMs / (1 - OLD_SOUNDING_SHARE);
  return shared * OLD_SOUNDING_SHARE <= OLD_LONGEST_SOUNDING_MS
    ? shared
    : availableMs + OLD_LONGEST_SOUNDING_MS;
}

/** What the old law's levels took for two frets along the neck, in ms: a + b log2(1 + 3.8), as players slide most. */
const OLD_SLIDE_MS: Readonly<Record<Level, number>> = { first: 359, steady: 229, fluent: 163 };
const OLD_SLIDE_BITS = 2.263;

/** A profile whose player used times of the hand's own: as much slower or faster than the level as they were. */
export function upgradeOwnTiming(saved: unknown): unknown {
  if (!isFields(saved) || !isFields(saved.practice)) return saved;
  const { practice } = saved;
  const { ownTiming } = practice;
  if (!isFields(ownTiming)) return saved;
  const level = LEVELS.find((each) => each === saved.level) ?? "steady";
  return { ...saved, practice: { ...practice, ownTiming: scaledTiming(level, ownTiming) } };
}

function scaledTiming(level: Level, { aMs, bMsPerBit }: Fields): unknown {
  if (typeof aMs !== "number" || typeof bMsPerBit !== "number") return null;
  const factor = (aMs + bMsPerBit * OLD_SLIDE_BITS) / OLD_SLIDE_MS[level];
  const scale = (terms: Readonly<Record<string, number>>) =>
    Object.fromEntries(TIMING_TERMS.map((term) => [term, (terms[term] ?? 0) * factor]));
  const { usableShare, possible, ...terms } = TIMING[level];
  return { ...scale(terms), usableShare, possible: scale(possible) };
}
