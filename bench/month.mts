import { seededRandom } from "../src/core/random";
import { LAWS, LEVELS, makeLearner, type Law, type Level } from "./month/learners";
import {
  makePlainCoach,
  PLAIN_PLANS,
  type Coach,
  type MonthDrill,
  type PlainPlan,
} from "./month/plainPlans";
import { makeTenonCoach } from "./month/tenonCoach";

/**
 * Simulated players practise with Tenon's planner and with three plain plans: days until everything asked for holds, what
 * still holds 30 and 90 days later, how many drills a week, and the longest run of days with one drill. With a number
 * of players per group. One player's month, day by day, is printed by pageMonth.
 */
const PLANS = ["tenon", ...PLAIN_PLANS] as const;
type PlanName = (typeof PLANS)[number];

/** Minutes that a sitting leaves for played drills, after warm-up, breaks, notes and ear. */
const PLAYED_MIN: Readonly<Record<number, number>> = { 5: 2, 20: 11, 40: 23 };
const ROUND_S = 18;
const MAX_DAYS = 180;
const LATER_DAYS = [30, 90] as const;
const HELD_CHANCE = 0.8;
const WEEK = 7;
/** A player who takes days off practises on so many of a hundred, and not at all in the fourth week of each month. */
const PRACTISED_SHARE = 0.65;
const BAD_WEEK = [21, 27] as const;
const MONTH_DAYS = 30;

interface Group {
  readonly minutes: number;
  readonly hasDaysOff: boolean;
  readonly hasSong: boolean;
}

const GROUPS: readonly Group[] = [5, 20, 40].flatMap((minutes) =>
  [false, true].flatMap((hasDaysOff) =>
    [true, false].map((hasSong) => ({ minutes, hasDaysOff, hasSong })),
  ),
);

interface Month {
  /** Capped at MAX_DAYS. */
  readonly days: number;
  /** The share of drills that hold so many days after all did; null where that never came. */
  readonly later: readonly (number | null)[];
  readonly drillsPerWeek: number;
  /** Days running on which one drill was played, while another waited. */
  readonly longestRun: number;
}

/** Five changes of a song at its tempo, or eight moves to 120 bpm. */
function drillsOf(hasSong: boolean, random: () => number): readonly MonthDrill[] {
  const goalBpm = hasSong ? 90 + Math.round(60 * random()) : 120;
  return Array.from({ length: hasSong ? 5 : 8 }, (_, index) => ({
    key: `drill ${index + 1}`,
    goalBpm,
    startBpm: Math.max(40, Math.round((hasSong ? 0.6 + 0.08 * index : 0.5) * goalBpm)),
  }));
}

function coachOf(plan: PlanName, drills: readonly MonthDrill[]): Coach {
  return plan === "tenon"
    ? makeTenonCoach(drills)
    : makePlainCoach(plan satisfies PlainPlan, drills);
}

function live(group: Group, plan: PlanName, law: Law, level: Level, seed: number): Month {
  const random = seededRandom(seed);
  const drills = drillsOf(group.hasSong, random);
  const learner = makeLearner(law, level, drills, random);
  const coach = coachOf(plan, drills);
  const minutes = PLAYED_MIN[group.minutes] ?? 2;
  const holding = () =>
    drills.filter(({ key, goalBpm }) => learner.cleanChance(key, goalBpm) >= HELD_CHANCE).length;
  let heldOn: number | null = null;
  const later: (number | null)[] = LATER_DAYS.map(() => null);
  const playedOn = new Map<string, number[]>();
  let longestRun = 0;
  const end = () => (heldOn === null ? MAX_DAYS : heldOn + Math.max(...LATER_DAYS) + 1);
  for (let day = 0; day < end(); day++) {
    if (heldOn === null && holding() === drills.length) heldOn = day;
    for (const [index, after] of LATER_DAYS.entries()) {
      if (heldOn !== null && day === heldOn + after) later[index] = holding() / drills.length;
    }
    const ofMonth = day % MONTH_DAYS;
    const isOff =
      group.hasDaysOff &&
      (random() > PRACTISED_SHARE || (ofMonth >= BAD_WEEK[0] && ofMonth <= BAD_WEEK[1]));
    if (!isOff) {
      const blocks = coach.plan(day, minutes);
      // Another waits where it does not hold and was played neither today nor yesterday.
      const isWaiting = drills.some(
        ({ key, goalBpm }) =>
          !blocks.some(({ drill }) => drill === key) &&
          (playedOn.get(key)?.at(-1) ?? -1) < day - 1 &&
          learner.cleanChance(key, goalBpm) < HELD_CHANCE,
      );
      for (const { drill, minutes: blockMin } of blocks) {
        for (let round = 0; round < Math.round((60 * blockMin) / ROUND_S); round++) {
          const bpm = coach.bpm(drill, day);
          coach.record(drill, day, bpm, learner.play(drill, bpm));
        }
        const days = playedOn.get(drill) ?? [];
        if (days.at(-1) !== day) playedOn.set(drill, [...days, day]);
      }
      if (isWaiting) {
        for (const { drill } of blocks) longestRun = Math.max(longestRun, runOf(playedOn, drill));
      }
    }
    learner.sleep();
  }
  const days = heldOn ?? MAX_DAYS;
  const counted = Math.max(WEEK, days);
  const perWeek = Array.from({ length: Math.floor(counted / WEEK) }, (_, week) => {
    const inWeek = ([, on]: [string, number[]]) =>
      on.some((day) => Math.floor(day / WEEK) === week);
    return [...playedOn].filter(inWeek).length;
  });
  return {
    days,
    later,
    longestRun,
    drillsPerWeek: perWeek.reduce((sum, count) => sum + count, 0) / perWeek.length,
  };
}

/** How many days running, up to its last, a drill was played. */
function runOf(playedOn: ReadonlyMap<string, readonly number[]>, drill: string): number {
  const days = playedOn.get(drill) ?? [];
  let run = 1;
  while (run < days.length && days.at(-run - 1) === (days.at(-run) ?? 0) - 1) run++;
  return run;
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
}

/** "31.2 ± 1.4": the mean and its 95% interval. */
function interval(values: readonly number[], digits = 1): string {
  const at = mean(values);
  const variance = mean(values.map((value) => (value - at) ** 2));
  return `${at.toFixed(digits)} ± ${(1.96 * Math.sqrt(variance / values.length)).toFixed(digits)}`;
}

function nameOf({ minutes, hasDaysOff, hasSong }: Group): string {
  return `${minutes} min, ${hasDaysOff ? "days off" : "every day"}, ${hasSong ? "a song" : "moves"}`;
}

const players = Number(process.argv.slice(2).find((each) => /^\d+$/.test(each)) ?? 200);
for (const group of GROUPS) {
  console.log(`\n${nameOf(group)} (${players} players)`);
  const months = new Map(
    PLANS.map((plan) => [
      plan,
      Array.from({ length: players }, (_, player) => {
        const law = LAWS[player % LAWS.length] ?? "practice";
        const level = LEVELS[Math.floor(player / LAWS.length) % LEVELS.length] ?? "steady";
        return live(group, plan, law, level, 1 + player);
      }),
    ]),
  );
  for (const [plan, all] of months) {
    const laters = LATER_DAYS.map((_, index) =>
      all.flatMap(({ later }) => {
        const share = later[index];
        return share === null || share === undefined ? [] : [100 * share];
      }),
    );
    console.log(
      [
        plan.padEnd(14),
        `${interval(all.map(({ days }) => days))} days`,
        `${all.filter(({ days }) => days >= MAX_DAYS).length} never`,
        ...laters.map((shares, index) => `after ${LATER_DAYS[index]}: ${interval(shares, 0)}%`),
        `${interval(all.map(({ drillsPerWeek }) => drillsPerWeek))} drills a week`,
        `run ${Math.max(...all.map(({ longestRun }) => longestRun))} at most`,
      ].join("  "),
    );
  }
  const daysOf = (plan: PlanName) => (months.get(plan) ?? []).map(({ days }) => days);
  const best =
    PLAIN_PLANS.toSorted((a, b) => mean(daysOf(a)) - mean(daysOf(b)))[0] ?? "round robin";
  // The same players under both plans, so that their differences count.
  const paired = daysOf("tenon").map((days, player) => daysOf(best)[player]! - days);
  const share = (100 * mean(paired)) / mean(daysOf(best));
  console.log(`sooner than ${best} by ${share.toFixed(0)}% (${interval(paired)} days)`);
}
