import { failure, success, type Result } from "@/core/result";

/** A fretting finger: 1 index, 2 middle, 3 ring, 4 little, T thumb round the neck. */
export type Finger = 1 | 2 | 3 | 4 | "T";

/** What a player cannot or does not want to use. */
export const EXCLUSIONS = [1, 2, 3, 4, "T", "barre"] as const satisfies readonly (
  Finger | "barre"
)[];
export type Exclusion = (typeof EXCLUSIONS)[number];

/** A hand holds no more at once. */
export const FINGERS_AND_THUMB = 5;

export interface Hand {
  /** Index tip to little tip with the hand spread flat, in mm. */
  readonly spanMm: number;
  readonly without: readonly Exclusion[];
  /** The width of a fingertip where it presses a string, in mm. */
  readonly fingertipMm: number;
}

/** Spans that a hand may have, in mm (a wide margin round grown and young hands, from memory). */
export const LOWEST_SPAN_MM = 80;
export const HIGHEST_SPAN_MM = 300;

/** The span that the limits below are stated for (from memory). */
export const REFERENCE_SPAN_MM = 150;

/** Fingertips that a hand may have, and the usual one, in mm (from memory). */
export const NARROWEST_FINGERTIP_MM = 8;
export const WIDEST_FINGERTIP_MM = 25;
const USUAL_FINGERTIP_MM = 14;

export const DEFAULT_HAND: Hand = {
  spanMm: REFERENCE_SPAN_MM,
  without: [],
  fingertipMm: USUAL_FINGERTIP_MM,
};

/** A hand that makes sense, or what is wrong with it. */
export function checkHand(hand: Hand, field = "hand"): Result<Hand> {
  const { spanMm, without, fingertipMm } = hand;
  if (!(spanMm >= LOWEST_SPAN_MM && spanMm <= HIGHEST_SPAN_MM)) {
    return failure(
      `${field}.spanMm`,
      `${spanMm}: a hand spans ${LOWEST_SPAN_MM} to ${HIGHEST_SPAN_MM} mm`,
    );
  }
  if (!(fingertipMm >= NARROWEST_FINGERTIP_MM && fingertipMm <= WIDEST_FINGERTIP_MM)) {
    return failure(
      `${field}.fingertipMm`,
      `${fingertipMm}: a fingertip is ${NARROWEST_FINGERTIP_MM} to ${WIDEST_FINGERTIP_MM} mm wide`,
    );
  }
  const stray = without.find((exclusion) => !EXCLUSIONS.includes(exclusion));
  if (stray === undefined) return success(hand);
  return failure(`${field}.without`, `'${stray}': leave out any of ${EXCLUSIONS.join(", ")}`);
}

/** The usual ways to finger a power chord; a school changes the order of answers, never the answers. */
export const SCHOOLS = [
  "ring and little",
  "ring barre",
  "index and little",
  "thumb allowed",
] as const;
export type School = (typeof SCHOOLS)[number];
export const DEFAULT_SCHOOL: School = "ring and little";

interface PairLimit {
  readonly comfortMm: number;
  readonly hardMm: number;
}

/**
 * Along-neck distance between two fingertips, in mm at a 150 mm span: comfortable, and the most
 * that can be held. Starting values of docs/models.md; the hard 1-4 limit is a judgement.
 */
const PAIR_LIMITS: Readonly<Record<Finger, Readonly<Partial<Record<Finger, PairLimit>>>>> = {
  1: {
    2: { comfortMm: 40, hardMm: 72 },
    3: { comfortMm: 66, hardMm: 102 },
    4: { comfortMm: 92, hardMm: 126 },
  },
  2: { 3: { comfortMm: 34, hardMm: 70 }, 4: { comfortMm: 64, hardMm: 92 } },
  3: { 4: { comfortMm: 34, hardMm: 70 } },
  4: {},
  // The thumb opposes the index; it reaches little further than the index itself (a judgement).
  T: {
    1: { comfortMm: 20, hardMm: 45 },
    2: { comfortMm: 40, hardMm: 75 },
    3: { comfortMm: 60, hardMm: 100 },
    4: { comfortMm: 80, hardMm: 115 },
  },
};

/** What two fingers can do, for one hand; in mm along the neck, by `pairNumber`. */
export interface HandLimits {
  readonly comfortMm: readonly number[];
  readonly hardMm: readonly number[];
}

const FINGERS = ["T", 1, 2, 3, 4] as const satisfies readonly Finger[];

/** Where the limits of two fingers, the lower first, stand in `HandLimits`. */
export function pairNumber(lower: Finger, higher: Finger): number {
  return (lower === "T" ? 0 : lower * FINGERS.length) + (higher === "T" ? 0 : higher);
}

/** Asked for with every shape; each hand's are worked out once. */
const knownLimits = new WeakMap<Hand, HandLimits>();

export function handLimits(hand: Hand): HandLimits {
  const known = knownLimits.get(hand);
  if (known) return known;
  const scale = hand.spanMm / REFERENCE_SPAN_MM;
  const scaled = (limit: keyof PairLimit) =>
    FINGERS.flatMap((lower) =>
      FINGERS.map((higher) => (PAIR_LIMITS[lower][higher]?.[limit] ?? 0) * scale),
    );
  const made = { comfortMm: scaled("comfortMm"), hardMm: scaled("hardMm") };
  knownLimits.set(hand, made);
  return made;
}

/** The furthest that this hand reaches along the neck: its hard limit between index and little, in mm. */
export function handReachMm(hand: Hand): number {
  return handLimits(hand).hardMm[pairNumber(1, 4)] ?? 0;
}
