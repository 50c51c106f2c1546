import { type RoundResult } from "@/core/recall";
import { medianOf, spreadOf } from "./statistics";

/** How the strums of a round fell against the beat. */
export interface StrikeTiming {
  readonly expected: number;
  /** Strums that were heard near their time, and others. */
  readonly heard: number;
  readonly extra: number;
  /** Early below 0, late above, in ms; null where nothing was heard. */
  readonly medianMs: number | null;
  readonly spreadMs: number | null;
  /** Too little was heard, or too much else, to say anything. */
  readonly isUnsure: boolean;
}

/** A strum further than this from its time, in s, or than half the way to the next, belongs to no time. */
const FURTHEST_S = 0.2;
/** With less than this share of the strums detected, or more than this share of others, nothing is said (judgements). */
const [MIN_HEARD, MAX_EXTRA] = [0.6, 0.5];

/**
 * Finds each expected strum among what was heard, the nearest pairs first.
 *
 * @param expectedS when strums should fall, in order
 * @param heardS when onsets were heard, the latency taken off
 */
export function strikeTiming(
  expectedS: readonly number[],
  heardS: readonly number[],
): StrikeTiming {
  const min = expectedS.reduce(
    (gap, at, index) => Math.min(gap, at - (expectedS[index - 1] ?? -Infinity)),
    Infinity,
  );
  const furthest = Math.min(FURTHEST_S, min / 2);
  const pairs = expectedS
    .flatMap((at, index) => heardS.map((heard, each) => ({ index, each, errorS: heard - at })))
    .filter(({ errorS }) => Math.abs(errorS) <= furthest)
    .sort((a, b) => Math.abs(a.errorS) - Math.abs(b.errorS));
  const [taken, found] = [new Set<number>(), new Map<number, number>()];
  for (const { index, each, errorS } of pairs) {
    if (taken.has(each) || found.has(index)) continue;
    taken.add(each);
    found.set(index, errorS);
  }
  const errorsMs = [...found.values()].map((errorS) => 1000 * errorS);
  const [expected, extra] = [expectedS.length, heardS.length - taken.size];
  return {
    expected,
    heard: found.size,
    extra,
    medianMs: medianOf(errorsMs),
    spreadMs: spreadOf(errorsMs),
    isUnsure: found.size < MIN_HEARD * expected || extra > MAX_EXTRA * expected,
  };
}

/** Strums off by less than this are clean, by less than that rough; the same for their spread. In ms (judgements). */
const [CLEAN_MS, ROUGH_MS] = [30, 60];
const [CLEAN_HEARD, ROUGH_HEARD] = [0.95, 0.8];

/** What the timing of a round suggests; null where it says nothing. */
export function suggestedResult(timing: StrikeTiming): RoundResult | null {
  const { expected, heard, medianMs, spreadMs, isUnsure } = timing;
  if (isUnsure || medianMs === null || spreadMs === null) return null;
  const off = Math.max(Math.abs(medianMs), spreadMs);
  if (heard >= CLEAN_HEARD * expected && off <= CLEAN_MS) return "clean";
  return heard >= ROUGH_HEARD * expected && off <= ROUGH_MS ? "rough" : "missed";
}
