import { type HandChange } from "./change";

/** How far a player has come; what a change takes depends on it. */
export const LEVELS = ["first", "steady", "fluent"] as const;
export type Level = (typeof LEVELS)[number];
export const DEFAULT_LEVEL: Level = "steady";

/** What the time of a change is made of. */
export interface TimingConstants {
  /** To set off at all, in ms. */
  readonly aMs: number;
  /** For each bit of Fitts's index of difficulty, log2(D / W + 1), in ms. */
  readonly bMsPerBit: number;
  /** W as a share of the fret space where the index arrives. */
  readonly usableShare: number;
  /** To find another shape, in ms. */
  readonly newShapeMs: number;
  /** To put fingers down on other strings in the same shape, in ms. */
  readonly acrossMs: number;
  /** Because the hand must open on its way to the nut, in ms. */
  readonly towardNutMs: number;
}

/**
 * Fitts's law in Shannon's form (MacKenzie, Hum.-Comput. Interact. 7, 1992, from memory) with constants for three
 * levels: judgements. Fitts's own stylus (J. Exp. Psychol. 47, 1954) checks the form only.
 */
export const TIMING: Readonly<Record<Level, TimingConstants>> = {
  first: {
    aMs: 110,
    bMsPerBit: 110,
    usableShare: 0.5,
    newShapeMs: 150,
    acrossMs: 90,
    towardNutMs: 40,
  },
  steady: {
    aMs: 70,
    bMsPerBit: 70,
    usableShare: 0.5,
    newShapeMs: 90,
    acrossMs: 50,
    towardNutMs: 25,
  },
  fluent: {
    aMs: 50,
    bMsPerBit: 50,
    usableShare: 0.5,
    newShapeMs: 50,
    acrossMs: 30,
    towardNutMs: 15,
  },
};

/** A chord sounds for this share of its last strum before the hand leaves, at most so long (judgements). */
const SOUNDING_SHARE = 1 / 3;
const LONGEST_SOUNDING_MS = 120;

/** The time of a movement over some distance to a goal of some width, both in the same unit, in ms. */
export function fittsMs(
  { aMs, bMsPerBit }: Pick<TimingConstants, "aMs" | "bMsPerBit">,
  distance: number,
  width: number,
): number {
  return aMs + bMsPerBit * Math.log2(distance / width + 1);
}

/** What a change takes, in ms; 0 where every finger stays. */
export function neededMs(change: HandChange, constants: TimingConstants): number {
  const { travelMm, arrivalSpaceMm, isShapeKept, isTowardNut, landed } = change;
  const { usableShare, newShapeMs, acrossMs, towardNutMs } = constants;
  const moving = travelMm > 0 ? fittsMs(constants, travelMm, usableShare * arrivalSpaceMm) : 0;
  const shaping = isShapeKept ? (landed.length > 0 ? acrossMs : 0) : newShapeMs;
  return moving + shaping + (isTowardNut ? towardNutMs : 0);
}

/** What is left of the time from a chord's last strum to the next chord, in ms. */
export function availableMs(sinceLastStrumMs: number): number {
  return sinceLastStrumMs - Math.min(sinceLastStrumMs * SOUNDING_SHARE, LONGEST_SOUNDING_MS);
}

/** The least time from the last strum to the next chord in which a change can be made, in ms. */
export function leastSinceStrumMs(needed: number): number {
  const shared = needed / (1 - SOUNDING_SHARE);
  return shared * SOUNDING_SHARE <= LONGEST_SOUNDING_MS ? shared : needed + LONGEST_SOUNDING_MS;
}
