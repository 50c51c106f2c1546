import { climb, DEFAULT_LADDER, firstRung, type Rung } from "../../src/core/drill";
import { type RoundResult } from "../../src/core/recall";
import { type LearntDrill } from "./learners";

/** A drill with the tempo that its ladder begins at. */
export interface MonthDrill extends LearntDrill {
  readonly startBpm: number;
}

export interface MonthBlock {
  readonly drill: string;
  readonly minutes: number;
}

/** Decides what is practised; it sees tempos and results, never the learner. */
export interface Coach {
  /** The drills of a day; their minutes add up to those given. */
  readonly plan: (day: number, minutes: number) => readonly MonthBlock[];
  /** The tempo of the next round. */
  readonly bpm: (drill: string, day: number) => number;
  readonly record: (drill: string, day: number, bpm: number, result: RoundResult) => void;
}

const BLOCK_MIN = 2;

export const PLAIN_PLANS = ["round robin", "hardest first", "fixed ladder"] as const;
export type PlainPlan = (typeof PLAIN_PLANS)[number];

/** Three plans that a player could follow with a notebook, on the plain ladder: two clean up, one missed down. */
export function makePlainCoach(plan: PlainPlan, drills: readonly MonthDrill[]): Coach {
  const rungs = new Map(
    drills.map(({ key, startBpm }): [string, Rung] => [key, firstRung(startBpm, DEFAULT_LADDER)]),
  );
  const bpm = (key: string) => rungs.get(key)?.bpm ?? DEFAULT_LADDER.minBpm;
  const isReached = ({ key, goalBpm }: MonthDrill) =>
    (rungs.get(key)?.lastCleanBpm ?? 0) >= goalBpm;
  let turn = 0;
  const choose = (): MonthDrill | undefined => {
    const { length } = drills;
    if (plan === "round robin") return drills[turn++ % length];
    if (plan === "hardest first") {
      return drills.toSorted((a, b) => bpm(a.key) / a.goalBpm - bpm(b.key) / b.goalBpm)[0];
    }
    // One after the other until each has reached its tempo; then all in turn.
    return drills.find((drill) => !isReached(drill)) ?? drills[turn++ % length];
  };
  return {
    plan: (_, minutes) => {
      const count = Math.max(1, Math.round(minutes / BLOCK_MIN));
      return Array.from({ length: count }, () => ({
        drill: choose()?.key ?? "",
        minutes: minutes / count,
      }));
    },
    bpm,
    record: (key, _, at, result) => {
      const rung = rungs.get(key);
      if (rung) rungs.set(key, climb({ ...rung, bpm: at }, result, DEFAULT_LADDER));
    },
  };
}
