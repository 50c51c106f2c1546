import { type RoundResult } from "@/core/recall";

/** A round as far as an estimate needs it. */
export interface TimedRound {
  /** In ms since 1970. */
  readonly atMs: number;
  readonly bpm: number;
  readonly result: RoundResult;
}

/** The tempo that a player holds a drill at. */
export interface Estimate {
  /** The tempo at which eight of ten rounds come clean. */
  readonly heldBpm: number;
  /** The true value lies between these with a probability of 0.8. */
  readonly lowBpm: number;
  readonly highBpm: number;
}

/** A normal belief about ln(tempo) at which every second round comes clean. */
export interface Belief {
  readonly mean: number;
  readonly variance: number;
  readonly atMs: number;
}

/** Width of the step from clean to missed, in ln(tempo): a fifth of the tempo lies between 9 and 1 in 10 (a judgement). */
const SCATTER = 0.08;
/** Before the first round: half or twice the tempo is possible (a judgement). */
const FIRST_VARIANCE = 0.3 ** 2;
/** A round is a little practice: the belief moves up and widens (judgements). */
const GAIN_PER_ROUND = 0.002;
const VARIANCE_PER_ROUND = 0.012 ** 2;
/** Days of rest (judgements): a part of the tempo is forgotten, more in the first days, and less is known of it. */
const FORGOTTEN_PER_LOG_DAY = 0.015;
const VARIANCE_PER_DAY = 0.02 ** 2;
const MAX_REST_DAYS = 90;
const MS_A_DAY = 86_400_000;
/** ln(odds) of eight in ten. */
const HELD_LOGIT = Math.log(0.8 / 0.2);
/** A normal variable lies within so many standard deviations of its mean with a probability of 0.8. */
const BAND_SDS = 1.2816;
const SCORES: Readonly<Record<RoundResult, number>> = { clean: 1, rough: 0.4, missed: 0 };

/** The belief before any round of a drill that is begun at a tempo. */
export function firstBelief(startBpm: number, atMs: number): Belief {
  return { mean: Math.log(startBpm) + 0.1, variance: FIRST_VARIANCE, atMs };
}

/**
 * The belief after a round, as the Glicko rating system updates a player's rating after a game (Glickman, Applied
 * Statistics 48, 1999, from memory): the tempo is an opponent of exactly known strength, a clean round a win.
 */
export function afterRound(before: Belief, { atMs, bpm, result }: TimedRound): Belief {
  const { mean, variance } = afterRest(before, atMs);
  const slope = 1 / SCATTER;
  const flattened = 1 / Math.sqrt(1 + (3 * slope ** 2 * variance) / Math.PI ** 2);
  const clean = 1 / (1 + Math.exp(-flattened * slope * (mean - Math.log(bpm))));
  const information = (flattened * slope) ** 2 * clean * (1 - clean);
  const narrowed = 1 / (1 / variance + information);
  return {
    mean: mean + narrowed * flattened * slope * (SCORES[result] - clean) + GAIN_PER_ROUND,
    variance: narrowed + VARIANCE_PER_ROUND,
    atMs: Math.max(before.atMs, atMs),
  };
}

/** The belief after some days without the drill. */
export function afterRest(before: Belief, atMs: number): Belief {
  const days = Math.min(MAX_REST_DAYS, Math.max(0, (atMs - before.atMs) / MS_A_DAY));
  return {
    mean: before.mean - FORGOTTEN_PER_LOG_DAY * Math.log1p(days),
    variance: Math.min(FIRST_VARIANCE, before.variance + VARIANCE_PER_DAY * days),
    atMs: before.atMs,
  };
}

export function estimateOf({ mean, variance }: Belief): Estimate {
  const held = mean - SCATTER * HELD_LOGIT;
  const half = BAND_SDS * Math.sqrt(variance);
  return {
    heldBpm: Math.exp(held),
    lowBpm: Math.exp(held - half),
    highBpm: Math.exp(held + half),
  };
}

/** The estimate from the rounds of a drill, oldest first, at a time; null without rounds. */
export function estimateAfter(rounds: readonly TimedRound[], nowMs: number): Estimate | null {
  const [first] = rounds;
  if (!first) return null;
  const belief = rounds.reduce(afterRound, firstBelief(first.bpm, first.atMs));
  return estimateOf(afterRest(belief, nowMs));
}
