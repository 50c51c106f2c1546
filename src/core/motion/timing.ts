import { type ChangeDemands } from "./demands";
import { FITTED_TIMING } from "./fittedTiming";

/** How far a player has come; what a change takes depends on it. */
export const LEVELS = ["first", "steady", "fluent"] as const;
export type Level = (typeof LEVELS)[number];
export const DEFAULT_LEVEL: Level = "steady";

/** The terms of a change's time, each in ms per unit. */
export const TIMING_TERMS = [
  /** Letting the old chord sound and lifting; charged whenever anything moves. */
  "setMs",
  /** Per bit of Fitts's index of difficulty, log2(1 + D / W). */
  "bitMs",
  /** Per placed finger. */
  "fingerMs",
  /** Laying a barre over four strings or more. */
  "barreMs",
  /** Laying a barre over two or three strings beside other fingers. */
  "smallBarreMs",
  /** Releasing a barre over four strings or more. */
  "dropBarreMs",
  /** Per cm of reach beyond a comfortable one. */
  "overreachMs",
  /** Placing two or more fingers beside ringing open strings. */
  "clearOpenMs",
  /** Saved when one finger holds the whole grip. */
  "oneFingerSavesMs",
  /** Saved when open strings of the old grip ring on and the new grip has none. */
  "openStringsSaveMs",
] as const;
export type TimingTerm = (typeof TIMING_TERMS)[number];
export type TimingTerms = Readonly<Record<TimingTerm, number>>;

/** The timing constants of a hand. The terms at the top give the time in which a change holds. */
export interface TimingConstants extends TimingTerms {
  /** W as a share of the fret space where the index arrives: a finger sounds clean anywhere behind the wire. */
  readonly usableShare: number;
  /** The same for the fastest players of the level. */
  readonly possible: TimingTerms;
}

const USABLE_SHARE = 1;
const MM_PER_CM = 10;

/** Constants by level, fitted on a table of tempos (bench/tempo). */
export const TIMING: Readonly<Record<Level, TimingConstants>> = {
  first: { ...FITTED_TIMING.first, usableShare: USABLE_SHARE },
  steady: { ...FITTED_TIMING.steady, usableShare: USABLE_SHARE },
  fluent: { ...FITTED_TIMING.fluent, usableShare: USABLE_SHARE },
};

/** Fitts's index of difficulty in Shannon's form, in bits; both lengths in the same unit. */
export function difficultyBits(distance: number, width: number): number {
  return Math.log2(1 + distance / width);
}

/** The coefficient of each constant in the time of a change; savings are negative. */
export function timingParts(change: ChangeDemands, usableShare: number): TimingTerms {
  const { isMoving, travelMm, arrivalSpaceMm } = change;
  return {
    setMs: Number(isMoving),
    bitMs: travelMm > 0 ? difficultyBits(travelMm, usableShare * arrivalSpaceMm) : 0,
    fingerMs: change.placedFingers,
    barreMs: Number(change.laysBarre),
    smallBarreMs: Number(change.laysSmallBarre),
    dropBarreMs: Number(change.dropsBarre),
    overreachMs: change.overreachMm / MM_PER_CM,
    clearOpenMs: Number(change.clearsOpenStrings),
    oneFingerSavesMs: isMoving && change.isOneFinger ? -1 : 0,
    openStringsSaveMs: isMoving && change.leavesOpenStrings ? -1 : 0,
  };
}

/** The time a change needs in order to hold, in ms; 0 where every finger stays. */
export function neededMs(change: ChangeDemands, constants: TimingConstants): number {
  return msOf(change, constants, constants.usableShare);
}

/** The time a change takes the fastest players of the level, in ms; less than `neededMs`. */
export function possibleMs(change: ChangeDemands, constants: TimingConstants): number {
  return msOf(change, constants.possible, constants.usableShare);
}

function msOf(change: ChangeDemands, terms: TimingTerms, usableShare: number): number {
  const parts = timingParts(change, usableShare);
  let ms = 0;
  for (const term of TIMING_TERMS) ms += terms[term] * parts[term];
  return ms;
}
