import { type ChangeDemands } from "./demands";
import { FITTED_TIMING } from "./fittedTiming";

/** How far a player has come; what a change takes depends on it. */
export const LEVELS = ["first", "steady", "fluent"] as const;
export type Level = (typeof LEVELS)[number];
export const DEFAULT_LEVEL: Level = "steady";

/** The constants of the law, each the ms for one of what it is named after. */
export const TIMING_TERMS = [
  /** To let the old chord sound and to lift: whenever anything moves. */
  "setMs",
  /** For each bit of Fitts's index of difficulty, log2(1 + D / W). */
  "bitMs",
  /** For each finger that has to be placed. */
  "fingerMs",
  /** To lay a finger over four strings or more. */
  "barreMs",
  /** To lay a finger over two or three strings beside other fingers. */
  "smallBarreMs",
  /** To give up a bar of four strings or more. */
  "dropBarreMs",
  /** For each cm of reach beyond a comfortable hand. */
  "overreachMs",
  /** To place two fingers or more so that open strings ring. */
  "clearOpenMs",
  /** What one finger that holds the whole grip saves. */
  "oneFingerSavesMs",
  /** What is saved where open strings ring on while the hand moves to a grip without any. */
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

/** What a change takes so that it holds, in ms; 0 where every finger stays. */
export function neededMs(change: ChangeDemands, constants: TimingConstants): number {
  return msOf(change, constants, constants.usableShare);
}

/** What a change takes the fastest players of the level, in ms: less than `neededMs`. */
export function possibleMs(change: ChangeDemands, constants: TimingConstants): number {
  return msOf(change, constants.possible, constants.usableShare);
}

function msOf(change: ChangeDemands, terms: TimingTerms, usableShare: number): number {
  const parts = timingParts(change, usableShare);
  let ms = 0;
  for (const term of TIMING_TERMS) ms += terms[term] * parts[term];
  return ms;
}
