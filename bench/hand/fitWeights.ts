import { effortOf, type Case } from "./cases";

/**
 * The effort as a choice model: a hand takes each legal fingering with a probability proportional
 * to exp(-effort / CHOICE_POINTS) (multinomial logit; McFadden 1974, from memory). The fit makes
 * the fingerings that people gave likely, and strays from the judged weights only where the data
 * ask for it.
 */
const CHOICE_POINTS = 2;
/** Pull towards the judged weights, per squared point. */
const PULL = 1e-4;
const ROUNDS = 240;
/** Step of AdaGrad (Duchi, Hazan and Singer 2011), in points. */
const STEP = 0.5;

export interface FitInput {
  readonly cases: readonly Case[];
  readonly start: ArrayLike<number>;
  /** By part number; the others stay at their start. */
  readonly isFitted: readonly boolean[];
}

export function fitWeights({ cases, start, isFitted }: FitInput): Float64Array {
  const weights = Float64Array.from(start);
  const squares = weights.map(() => 1e-8);
  const learnable = cases.filter(({ ways }) => ways.some(({ isGiven }) => isGiven));
  const shares = sharesOf(learnable);
  for (let round = 0; round < ROUNDS; round++) {
    const slope = weights.map((weight, part) => 2 * PULL * (weight - (start[part] ?? 0)));
    for (const [index, example] of learnable.entries()) {
      addSlope(slope, example, weights, shares[index] ?? 0);
    }
    for (const [part, value] of slope.entries()) {
      if (!isFitted[part]) continue;
      squares[part] = (squares[part] ?? 0) + value * value;
      weights[part] = Math.max(
        0,
        (weights[part] ?? 0) - (STEP * value) / Math.sqrt(squares[part] ?? 1),
      );
    }
  }
  return weights;
}

/** Moved copies of one shape say much the same: together they count as the root of their number. */
function sharesOf(cases: readonly Case[]): readonly number[] {
  const copies = new Map<string, number>();
  for (const { shape } of cases) copies.set(shape, (copies.get(shape) ?? 0) + 1);
  const raw = cases.map(({ shape }) => (copies.get(shape) ?? 1) ** -0.5);
  const total = raw.reduce((sum, share) => sum + share, 0);
  return raw.map((share) => share / total);
}

/** Adds the slope of -log(probability of a given fingering) for one case. */
function addSlope(slope: Float64Array, { ways }: Case, weights: Float64Array, share: number): void {
  const efforts = ways.map((way) => effortOf(way, weights));
  const min = Math.min(...efforts);
  const chances = efforts.map((effort) => Math.exp((min - effort) / CHOICE_POINTS));
  const all = chances.reduce((sum, chance) => sum + chance, 0);
  const given = chances.reduce((sum, chance, way) => sum + (ways[way]?.isGiven ? chance : 0), 0);
  for (const [index, { parts, amounts, isGiven }] of ways.entries()) {
    const chance = chances[index] ?? 0;
    const pull = (share * ((isGiven ? chance / given : 0) - chance / all)) / CHOICE_POINTS;
    if (Math.abs(pull) < 1e-9) continue;
    for (const [at, part] of parts.entries()) {
      slope[part] = (slope[part] ?? 0) + pull * (amounts[at] ?? 0);
    }
  }
}
