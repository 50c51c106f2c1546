import { neededMs, type TimingConstants } from "@/core/motion";
import { gaussian } from "@/core/random";
import { type RoundResult } from "@/core/recall";
import { type RoundChange } from "./roundChange";

/** A player made by computation, known exactly, so that what listens and what fits can be checked. */
export const SIMULATED = ["steady", "rushing", "sloppy"] as const;
export type Simulated = (typeof SIMULATED)[number];

interface Habit {
  /** Early below 0, and how much earlier with every strum. */
  readonly offMs: number;
  readonly driftMs: number;
  /** Standard deviation of each strum. */
  readonly scatterMs: number;
  /** How many strums are left out. */
  readonly missedShare: number;
}

const HABITS: Readonly<Record<Simulated, Habit>> = {
  steady: { offMs: 4, driftMs: 0, scatterMs: 7, missedShare: 0 },
  rushing: { offMs: -20, driftMs: -1.5, scatterMs: 10, missedShare: 0 },
  sloppy: { offMs: 10, driftMs: 0, scatterMs: 95, missedShare: 0.12 },
};

/** When a simulated player strums, in s. */
export function simulatedStrikes(
  who: Simulated,
  expectedS: readonly number[],
  random: () => number,
): readonly number[] {
  const { offMs, driftMs, scatterMs, missedShare } = HABITS[who];
  return expectedS
    .flatMap((at, index) => {
      const off = offMs + driftMs * index + scatterMs * gaussian(random);
      return random() < missedShare ? [] : [at + off / 1000];
    })
    .sort((a, b) => a - b);
}

/** How much the times of a hand scatter, as the standard deviation of their logarithm. */
const HAND_SCATTER = 0.12;

/** How a round goes in a hand of these constants whose times scatter: clean in time, missed too late. */
export function simulatedRound(
  change: RoundChange,
  constants: TimingConstants,
  random: () => number,
): RoundResult {
  const took = neededMs(change, constants) * Math.exp(HAND_SCATTER * gaussian(random));
  return took <= change.availableMs ? "clean" : "missed";
}
