import { type PlaceCase } from "./chordCases";

/**
 * Preference as a choice model: a player takes each fretting of a chord with a probability
 * proportional to exp(-(effort + preference) / points) (conditional logit; Train, Discrete Choice
 * Methods with Simulation, chapter 3). `points` is fitted too.
 */
export interface FitOptions {
  readonly start: readonly number[];
  /** By trait: what its weight may not fall below, and what it may not exceed. */
  readonly bounds: readonly (readonly [min: number, max: number])[];
  /** How much the first given place counts beside all given ones, 0 to 1. */
  readonly firstShare: number;
  /** Pull towards 0, per squared point. */
  readonly pull: number;
  readonly rounds: number;
}

export interface Fitted {
  readonly weights: Float64Array;
  readonly points: number;
}

/** Steps of Adam (Kingma and Ba 2015), in points; smaller at the end. */
const STEP = 0.3;
const LATE_SHARE = 0.3;
const LATE_FROM = 0.7;
const POINTS_STEP = 0.02;
const FIRST_POINTS = 4;
/** What is less likely than this, in exponents, moves no weight; looked up again every few rounds. */
const NEGLIGIBLE = 12;
const LOOK_AROUND = 10;

export function fitPlaces(cases: readonly PlaceCase[], options: FitOptions): Fitted {
  const { start, bounds, pull, rounds } = options;
  const traits = start.length;
  const weights = Float64Array.from(start);
  const learnable = cases.filter(({ given }) => given.some((each) => each > 0));
  let logPoints = Math.log(FIRST_POINTS);
  const mean = new Float64Array(traits + 1);
  const square = new Float64Array(traits + 1);
  let near: readonly Int32Array[] = [];
  for (let round = 1; round <= rounds; round++) {
    const points = Math.exp(logPoints);
    if (round % LOOK_AROUND === 1) near = learnable.map((each) => nearRows(each, weights, points));
    const slope = new Float64Array(traits + 1);
    for (const [index, example] of learnable.entries()) {
      const rows = near[index] ?? new Int32Array();
      addSlope(slope, example, rows, weights, points, options.firstShare);
    }
    const late = round > rounds * LATE_FROM ? LATE_SHARE : 1;
    for (let at = 0; at <= traits; at++) {
      const weight = weights[at] ?? 0;
      const gradient = (slope[at] ?? 0) / learnable.length + (at < traits ? 2 * pull * weight : 0);
      mean[at] = 0.9 * (mean[at] ?? 0) + 0.1 * gradient;
      square[at] = 0.99 * (square[at] ?? 0) + 0.01 * gradient * gradient;
      const unbiased = (mean[at] ?? 0) / (1 - 0.9 ** round);
      const step = unbiased / (Math.sqrt((square[at] ?? 0) / (1 - 0.99 ** round)) + 1e-8);
      if (at === traits) {
        logPoints -= POINTS_STEP * late * step;
        continue;
      }
      const moved = weight - STEP * late * step;
      const [floor, ceiling] = bounds[at] ?? [0, Infinity];
      weights[at] = Math.min(ceiling, Math.max(floor, moved));
    }
  }
  return { weights, points: Math.exp(logPoints) };
}

/** Adds the slope of -log(probability) of one case, by weight and, last, by the log of the points. */
function addSlope(
  slope: Float64Array,
  { efforts, amounts, given }: PlaceCase,
  rows: Int32Array,
  weights: Float64Array,
  points: number,
  firstShare: number,
): void {
  const traits = weights.length;
  const sums = new Float64Array(rows.length);
  let min = Infinity;
  for (let at = 0; at < rows.length; at++) {
    const sum = sumAt(efforts, amounts, weights, rows[at] ?? 0);
    sums[at] = sum;
    if (sum < min) min = sum;
  }
  const chances = new Float64Array(rows.length);
  let [all, taken, first] = [0, 0, 0];
  for (let at = 0; at < rows.length; at++) {
    const row = rows[at] ?? 0;
    const chance = Math.exp(Math.max((min - (sums[at] ?? 0)) / points, -700));
    chances[at] = chance;
    all += chance;
    if (given[row]) taken += chance;
    if (given[row] === 2) first += chance;
  }
  if (taken === 0) return;
  const anyShare = 1 - firstShare;
  const total = anyShare + (first > 0 ? firstShare : 0);
  for (let at = 0; at < rows.length; at++) {
    const row = rows[at] ?? 0;
    const chance = chances[at] ?? 0;
    let pull = -total * (chance / all);
    if (given[row]) pull += anyShare * (chance / taken);
    if (given[row] === 2) pull += firstShare * (chance / first);
    if (Math.abs(pull) < 1e-7) continue;
    for (let trait = 0; trait < traits; trait++) {
      const amount = amounts[row * traits + trait] ?? 0;
      if (amount !== 0) slope[trait] = (slope[trait] ?? 0) + (pull * amount) / points;
    }
    slope[traits] = (slope[traits] ?? 0) - (pull * (sums[at] ?? 0)) / points;
  }
}

/** The given rows, and those that are not beyond any chance as the weights stand. */
function nearRows({ efforts, amounts, given }: PlaceCase, weights: Float64Array, points: number) {
  const sums = sumsOf({ efforts, amounts }, weights);
  const min = sums.reduce((low, each) => Math.min(low, each), Infinity);
  const rows: number[] = [];
  for (let row = 0; row < sums.length; row++) {
    if (given[row] || (sums[row] ?? 0) - min < NEGLIGIBLE * points) rows.push(row);
  }
  return Int32Array.from(rows);
}

function sumAt(
  efforts: Float64Array,
  amounts: Float32Array,
  weights: ArrayLike<number>,
  row: number,
): number {
  const traits = weights.length;
  let sum = efforts[row] ?? 0;
  for (let trait = 0; trait < traits; trait++) {
    sum += (weights[trait] ?? 0) * (amounts[row * traits + trait] ?? 0);
  }
  return sum;
}

/** Effort and preference of each fretting of a case. */
export function sumsOf(
  { efforts, amounts }: Pick<PlaceCase, "efforts" | "amounts">,
  weights: ArrayLike<number>,
): Float64Array {
  return efforts.map((_, row) => sumAt(efforts, amounts, weights, row));
}

export interface PlaceAgreement {
  readonly cases: number;
  /** Shares from 0 to 1: a given place comes first, or in the first three; the one given first does. */
  readonly anyFirst: number;
  readonly anyInThree: number;
  readonly usualFirst: number;
  readonly usualInThree: number;
}

export function placeAgreement(
  cases: readonly PlaceCase[],
  weights: ArrayLike<number>,
): PlaceAgreement {
  const ranks = cases.map((example) => {
    const sums = sumsOf(example, weights);
    const rankOf = (isIt: (given: number) => boolean) => {
      const mine = sums.reduce(
        (min, sum, row) => (isIt(example.given[row] ?? 0) ? Math.min(min, sum) : min),
        Infinity,
      );
      return mine === Infinity ? Infinity : sums.filter((sum) => sum < mine - 1e-9).length;
    };
    return { any: rankOf((given) => given > 0), usual: rankOf((given) => given === 2) };
  });
  const share = (isRight: (rank: (typeof ranks)[number]) => boolean) =>
    ranks.filter(isRight).length / ranks.length;
  return {
    cases: cases.length,
    anyFirst: share(({ any }) => any === 0),
    anyInThree: share(({ any }) => any < 3),
    usualFirst: share(({ usual }) => usual === 0),
    usualInThree: share(({ usual }) => usual < 3),
  };
}
