import { type Midi } from "@/core/pitch";

export interface RetuneStep {
  /** Index from the thickest string, from 0. */
  readonly string: number;
  readonly from: Midi;
  readonly to: Midi;
  /** Negative: let down; positive: wound up; never 0. */
  readonly semitones: number;
}

/**
 * The strings to turn to get from one tuning to another, thickest first; null
 * where the two have different numbers of strings, and so need different guitars.
 *
 * @example retuneSteps([40, 45, 50, 55, 59, 64], [38, 45, 50, 55, 59, 64])
 *   // [{ string: 0, from: 40, to: 38, semitones: -2 }]
 */
export function retuneSteps(
  from: readonly Midi[],
  to: readonly Midi[],
): readonly RetuneStep[] | null {
  if (from.length !== to.length) return null;
  return to.flatMap((target, string) => {
    const now = from[string] ?? target;
    return target === now ? [] : [{ string, from: now, to: target, semitones: target - now }];
  });
}
