import { climb, DEFAULT_LADDER, firstRung, firstRungOfDay, type Rung } from "../../src/core/drill";
import {
  afterRest,
  afterRound,
  choosePlayed,
  estimateOf,
  firstBelief,
  type Belief,
  type Candidate,
  type PracticeDay,
} from "../../src/core/practice";
import { type RoundResult } from "../../src/core/recall";
import { type Coach, type MonthDrill } from "./plainPlans";

const MS_A_DAY = 86_400_000;

interface Past {
  readonly drill: MonthDrill;
  rung: Rung;
  belief: Belief | null;
  days: PracticeDay[];
}

/** Tenon's planner and ladder, as the Practice room uses them. */
export function makeTenonCoach(drills: readonly MonthDrill[]): Coach {
  const pasts = new Map(
    drills.map((drill): [string, Past] => [
      drill.key,
      { drill, rung: firstRung(drill.startBpm, DEFAULT_LADDER), belief: null, days: [] },
    ]),
  );
  const heldBpm = ({ belief }: Past, day: number) =>
    belief && estimateOf(afterRest(belief, day * MS_A_DAY)).heldBpm;
  return {
    plan: (day, minutes) => {
      const candidates = [...pasts.values()].map(({ drill, belief, days }): Candidate => ({
        drill: drill.key,
        goalBpm: drill.goalBpm,
        estimate: belief && estimateOf(afterRest(belief, day * MS_A_DAY)),
        days,
      }));
      return choosePlayed(candidates, minutes, day);
    },
    bpm: (key, day) => {
      const past = pasts.get(key);
      if (!past) throw new RangeError(`no drill ${key}`);
      const { drill, days } = past;
      if (days.length > 0 && days.at(-1)?.day !== day) {
        const aim = { goalBpm: drill.goalBpm, heldBpm: heldBpm(past, day) };
        past.rung = firstRungOfDay(past.rung, aim, DEFAULT_LADDER);
      }
      return past.rung.bpm;
    },
    record: (key, day, bpm, result) => {
      const past = pasts.get(key);
      if (!past) return;
      const { drill } = past;
      const atMs = day * MS_A_DAY;
      const aim = { goalBpm: drill.goalBpm, heldBpm: heldBpm(past, day) };
      past.rung = climb({ ...past.rung, bpm }, result, DEFAULT_LADDER, aim);
      past.belief = afterRound(past.belief ?? firstBelief(bpm, atMs), { atMs, bpm, result });
      past.days = withRound(past.days, day, bpm, result);
    },
  };
}

function withRound(
  days: PracticeDay[],
  day: number,
  bpm: number,
  result: RoundResult,
): PracticeDay[] {
  const last = days.at(-1);
  const today: PracticeDay =
    last?.day === day ? last : { day, rounds: 0, clean: 0, missed: 0, bestCleanBpm: null };
  const isClean = result === "clean";
  const next = {
    day,
    rounds: today.rounds + 1,
    clean: today.clean + Number(isClean),
    missed: today.missed + Number(result === "missed"),
    bestCleanBpm: isClean ? Math.max(bpm, today.bestCleanBpm ?? 0) : today.bestCleanBpm,
  };
  return [...(last?.day === day ? days.slice(0, -1) : days), next];
}
