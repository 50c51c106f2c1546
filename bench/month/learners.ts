import { type RoundResult } from "../../src/core/recall";

/**
 * Simulated players who learn and forget tempos. Four laws, so that no planner can be tuned to one of them. Numbers are
 * judgements; the forms are the usual ones of the learning literature (power law of practice, spacing effect, plateaus,
 * retroactive interference; from memory).
 */
export const LAWS = ["practice", "spacing", "jumps", "interference"] as const;
export type Law = (typeof LAWS)[number];

export const LEVELS = ["first months", "steady", "fluent"] as const;
export type Level = (typeof LEVELS)[number];

/** A drill and the tempo that the learner works towards. */
export interface LearntDrill {
  readonly key: string;
  /** The tempo that it shall hold at. */
  readonly goalBpm: number;
}

export interface Learner {
  /** Plays a round, learns from it, and says how it went. */
  readonly play: (key: string, bpm: number) => RoundResult;
  /** The chance of a clean round, 0 to 1. */
  readonly cleanChance: (key: string, bpm: number) => number;
  /** Goes to sleep; everything is a little forgotten. */
  readonly sleep: () => void;
}

/** A skill: natural logarithms of the tempo at which every second round comes clean. */
interface Skill {
  readonly start: number;
  readonly ceiling: number;
  now: number;
  /** Days on which it was practised: what is practised on many days is forgotten slowly. */
  visits: number;
  daysSince: number;
  roundsToday: number;
  /** Law of jumps: rounds on this plateau, and how many it lasts. */
  effort: number;
  plateau: number;
}

/** Width of the step from clean to missed, in ln(tempo). */
const SCATTER = 0.08;
const ROUGH_SHARE = 0.5;
/** Tempo at first, as a share of the goal: from, to. */
const STARTS: Readonly<Record<Level, readonly [number, number]>> = {
  "first months": [0.45, 0.75],
  steady: [0.55, 0.9],
  fluent: [0.7, 1],
};
/** Share of the way to the ceiling that the best round goes. */
const RATES: Readonly<Record<Level, number>> = {
  "first months": 0.012,
  steady: 0.016,
  fluent: 0.02,
};
/** No hand gets faster than this share of the goal. */
const CEILING_SHARE = 1.5;
/** Days after which a skill practised once has lost two thirds of what was gained. */
const FORGET_DAYS = 8;
const SPACING_DAYS = 2;
/** Law of spacing: each further round of a day teaches this share of the one before. */
const SAME_DAY_SHARE = 0.85;
const PLATEAU_ROUNDS = 14;
const JUMP: readonly [number, number] = [0.04, 0.12];
/** Law of interference: what a like skill loses of another's gain, and what is gained right after it. */
const INTERFERENCE = 0.25;
const AFTER_LIKE_SHARE = 0.6;

export function makeLearner(
  law: Law,
  level: Level,
  drills: readonly LearntDrill[],
  random: () => number,
): Learner {
  const between = ([from, to]: readonly [number, number]) => from + (to - from) * random();
  const newPlateau = () => 1 + PLATEAU_ROUNDS * -Math.log(1 - random());
  const skills = drills.map(({ goalBpm }): Skill => {
    const start = Math.log(goalBpm * between(STARTS[level]));
    const ceiling = Math.log(goalBpm * CEILING_SHARE);
    const fresh = { visits: 0, daysSince: 30, roundsToday: 0, effort: 0, plateau: newPlateau() };
    return { start, ceiling, now: start, ...fresh };
  });
  const places = new Map(drills.map(({ key }, index) => [key, index]));
  let lastPlayed = -1;

  const chance = (skill: Skill, bpm: number) =>
    1 / (1 + Math.exp(-(skill.now - Math.log(bpm)) / SCATTER));

  const gainOf = (skill: Skill, clean: number): number => {
    // A round that is far too easy or far too hard teaches little.
    const challenge = 0.25 + 3 * clean * (1 - clean);
    const gain = RATES[level] * challenge * (skill.ceiling - skill.now);
    if (law === "spacing") {
      const rested = 0.4 + 0.6 * (1 - Math.exp(-skill.daysSince / SPACING_DAYS));
      return 1.6 * gain * rested * SAME_DAY_SHARE ** skill.roundsToday;
    }
    if (law === "jumps") {
      skill.effort += challenge;
      if (skill.effort < skill.plateau) return 0;
      skill.effort = 0;
      skill.plateau = newPlateau();
      return Math.min(between(JUMP), skill.ceiling - skill.now);
    }
    return gain;
  };
  return {
    cleanChance: (key, bpm) => {
      const skill = skills[places.get(key) ?? -1];
      return skill ? chance(skill, bpm) : 0;
    },
    play: (key, bpm) => {
      const place = places.get(key) ?? -1;
      const skill = skills[place];
      if (!skill) throw new RangeError(`no drill ${key}`);
      const clean = chance(skill, bpm);
      const drawn = random();
      const result =
        drawn < clean ? "clean" : drawn < clean + ROUGH_SHARE * (1 - clean) ? "rough" : "missed";
      let gain = gainOf(skill, clean);
      if (law === "interference") {
        if (Math.abs(lastPlayed - place) === 1) gain *= AFTER_LIKE_SHARE;
        for (const like of [skills[place - 1], skills[place + 1]]) {
          if (like) like.now = Math.max(like.start, like.now - INTERFERENCE * gain);
        }
      }
      skill.now += gain;
      if (skill.roundsToday === 0) {
        skill.visits++;
        skill.daysSince = 0;
      }
      skill.roundsToday++;
      lastPlayed = place;
      return result;
    },
    sleep: () => {
      lastPlayed = -1;
      for (const skill of skills) {
        skill.daysSince++;
        skill.roundsToday = 0;
        const kept = Math.exp(-1 / (FORGET_DAYS * (1 + skill.visits)));
        skill.now = skill.start + (skill.now - skill.start) * kept;
      }
    },
  };
}
