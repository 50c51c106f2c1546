import {
  neededMs,
  TIMING_TERMS,
  timingParts,
  type TimingConstants,
  type TimingTerm,
} from "@/core/motion";
import { type RoundChange } from "./roundChange";
import { solve } from "./solve";

/** A round that says something of the hand: in time, or not. Rough ones say neither. */
export interface FitRound {
  readonly change: RoundChange;
  readonly isClean: boolean;
}

interface FittedTiming {
  readonly constants: TimingConstants;
  /** Rounds that it rests on. */
  readonly clean: number;
  readonly missed: number;
}

/** How far a hand's times scatter about what it needs, as a share (a judgement). */
const SCATTER = 0.12;
/** A logistic curve of this scale is close to a normal one of a standard deviation of 1. */
const LOGISTIC = Math.sqrt(3) / Math.PI;
/** How far constants lie from their level's, as a share: the pull to the defaults (a judgement). */
const PRIOR_SHARE = 0.5;
/** No constant is less or more than this share of its level's (judgements). */
const SHARES: readonly [min: number, max: number] = [0.25, 3];
/** Tighter bounds for the base time and the savings, so that no change takes negative time. */
const CLOSER_SHARES: Readonly<Partial<Record<TimingTerm, readonly [number, number]>>> = {
  setMs: [0.5, 3],
  oneFingerSavesMs: [0, 1],
  openStringsSaveMs: [0, 1],
};
const STEPS = 50;
const SETTLED_MS = 1e-3;
const SHORTEST_SHARE = 1e-6;
/** Fewer rounds than this say nothing: the defaults stay. */
export const FEWEST_ROUNDS = 10;

/**
 * The player's own constants from rounds that came clean or were missed: a logistic psychometric function of the time
 * there was over the time needed, fitted by penalised maximum likelihood (Newton's method; a normal prior about the
 * level's defaults, as in Wichmann and Hill, Percept. Psychophys. 63, 2001, from memory), each constant bounded. The
 * constants themselves are hardly told apart; the time of each drilled change is. Null with fewer than ten rounds, or
 * none of one sort.
 */
export function fitTiming(
  rounds: readonly FitRound[],
  defaults: TimingConstants,
): FittedTiming | null {
  const clean = rounds.filter(({ isClean }) => isClean).length;
  const missed = rounds.length - clean;
  if (rounds.length < FEWEST_ROUNDS || clean === 0 || missed === 0) return null;
  const start = TIMING_TERMS.map((term) => defaults[term]);
  const observations = rounds.map(({ change, isClean }) => ({
    parts: partsOf(change, defaults.usableShare),
    availableMs: change.availableMs,
    isClean,
    scaleMs: LOGISTIC * SCATTER * Math.max(1, neededMs(change, defaults)),
  }));
  let values: readonly number[] = start;
  for (let step = 0; step < STEPS; step++) {
    const next = newtonStep(values, start, observations);
    const moved = Math.max(...next.map((value, index) => Math.abs(value - (values[index] ?? 0))));
    values = next;
    if (moved < SETTLED_MS) break;
  }
  return {
    constants: scaled(defaults, (term) => values[TIMING_TERMS.indexOf(term)] ?? 0),
    clean,
    missed,
  };
}

interface Observation {
  readonly parts: readonly number[];
  readonly availableMs: number;
  readonly isClean: boolean;
  readonly scaleMs: number;
}

/** The player's constants; "possible" keeps the level's ratio to each of them. */
function scaled(level: TimingConstants, own: (term: TimingTerm) => number): TimingConstants {
  const terms = TIMING_TERMS.map((term) => [term, own(term)] as const);
  const possible = terms.map(([term, ms]) => [
    term,
    (ms * level.possible[term]) / Math.max(Number.EPSILON, level[term]),
  ]);
  return {
    ...level,
    ...Object.fromEntries(terms),
    possible: Object.fromEntries(possible) as TimingConstants["possible"],
  };
}

/** By how much each constant enters the time of a change. */
function partsOf(change: RoundChange, usableShare: number): readonly number[] {
  const parts = timingParts(change, usableShare);
  return TIMING_TERMS.map((term) => parts[term]);
}

/** How badly constants explain the rounds: what is minimised. */
function penalty(
  values: readonly number[],
  start: readonly number[],
  observations: readonly Observation[],
): number {
  let sum = 0;
  for (const [index, value] of values.entries()) {
    const plain = start[index] ?? 1;
    sum += ((value - plain) / (PRIOR_SHARE * plain)) ** 2 / 2;
  }
  for (const { parts, availableMs, isClean, scaleMs } of observations) {
    const margin = (availableMs - timeOf(parts, values)) / scaleMs;
    // Of a large margin the logarithm is the margin itself.
    const against = isClean ? -margin : margin;
    sum += against > 30 ? against : Math.log1p(Math.exp(against));
  }
  return sum;
}

function timeOf(parts: readonly number[], values: readonly number[]): number {
  return parts.reduce((sum, part, index) => sum + part * (values[index] ?? 0), 0);
}

/** One step of Newton's method on the penalised likelihood, held within the bounds, shortened until it helps. */
function newtonStep(
  values: readonly number[],
  start: readonly number[],
  observations: readonly Observation[],
): readonly number[] {
  const priors = start.map((value) => 1 / (PRIOR_SHARE * value) ** 2);
  const gradient = values.map(
    (value, index) => -(priors[index] ?? 0) * (value - (start[index] ?? 0)),
  );
  const curvature = priors.map((prior, row) =>
    priors.map((_, column) => (row === column ? prior : 0)),
  );
  for (const { parts, availableMs, isClean, scaleMs } of observations) {
    const inTime = 1 / (1 + Math.exp(-(availableMs - timeOf(parts, values)) / scaleMs));
    const weight = (inTime * (1 - inTime)) / scaleMs ** 2;
    for (const [row, part] of parts.entries()) {
      gradient[row] = (gradient[row] ?? 0) - (part * (Number(isClean) - inTime)) / scaleMs;
      const line = curvature[row];
      if (!line) continue;
      for (const [column, other] of parts.entries())
        line[column] = (line[column] ?? 0) + weight * part * other;
    }
  }
  const way = solve(curvature, gradient);
  const before = penalty(values, start, observations);
  for (let share = 1; share > SHORTEST_SHARE; share /= 2) {
    const next = values.map((value, index) => {
      const plain = start[index] ?? 0;
      const moved = value + share * (way[index] ?? 0);
      const [min, max] = CLOSER_SHARES[TIMING_TERMS[index] ?? "setMs"] ?? SHARES;
      return Math.min(max * plain, Math.max(min * plain, moved));
    });
    if (penalty(next, start, observations) < before) return next;
  }
  return values;
}
