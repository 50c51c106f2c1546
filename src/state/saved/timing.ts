import { type Level, LEVELS, TIMING, TIMING_TERMS } from "@/core/motion";
import { isFields, type Fields } from "@/state";

/**
 * Upgrades what the first timing law saved. That law charged a + b log2(D / (W/2) + 1) ms and a fixed time for a new shape or
 * other strings, and reserved a third of the last strum, at most 120 ms, for the old chord.
 */

const OLD_SOUNDING_SHARE = 1 / 3;
const OLD_LONGEST_SOUNDING_MS = 120;
/** The old format did not save which fingers were placed; a new shape usually places three (a judgement). */
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

/** The whole gap since the last strum; the old law saved only the part left for the change. */
function wholeGapMs(availableMs: number): number {
  const shared = availableMs / (1 - OLD_SOUNDING_SHARE);
  return shared * OLD_SOUNDING_SHARE <= OLD_LONGEST_SOUNDING_MS
    ? shared
    : availableMs + OLD_LONGEST_SOUNDING_MS;
}

/** The old law's time for a slide of two frets, in ms: a + b log2(1 + 3.8). */
const OLD_SLIDE_MS: Readonly<Record<Level, number>> = { first: 359, steady: 229, fluent: 163 };
const OLD_SLIDE_BITS = 2.263;

/** Rescales the player's own timing so that it stays as much slower or faster than the level as it was. */
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
