import { type Case, type RankCase } from "./cases";

export interface Agreement {
  readonly frettings: number;
  readonly shapes: number;
  /** Shares from 0 to 1: held at all; a given fingering first; a given one in the first three. */
  readonly playable: number;
  readonly first: number;
  readonly firstThree: number;
  /** The same, each shape counting once. */
  readonly firstByShape: number;
  readonly firstThreeByShape: number;
}

export function agreement(cases: readonly Case[], rank: RankCase): Agreement {
  const ranked = cases.map(rank);
  const ranks = ranked.map(rankOfGiven);
  const copies = new Map<string, number>();
  for (const { shape } of cases) copies.set(shape, (copies.get(shape) ?? 0) + 1);
  const mean = (isRight: (rank: number) => boolean, weightOf: (example: Case) => number) => {
    let right = 0;
    let total = 0;
    for (const [index, example] of cases.entries()) {
      total += weightOf(example);
      if (isRight(ranks[index] ?? -1)) right += weightOf(example);
    }
    return right / total;
  };
  const one = () => 1;
  const perShape = ({ shape }: Case) => 1 / (copies.get(shape) ?? 1);
  const isFirst = (rank: number) => rank === 0;
  const isFirstThree = (rank: number) => rank >= 0 && rank < 3;
  return {
    frettings: cases.length,
    shapes: copies.size,
    playable: ranked.filter((ways) => ways.length > 0).length / cases.length,
    first: mean(isFirst, one),
    firstThree: mean(isFirstThree, one),
    firstByShape: mean(isFirst, perShape),
    firstThreeByShape: mean(isFirstThree, perShape),
  };
}

/** Where the first given fingering stands, from 0; -1 where no legal fingering is a given one. */
export function rankOfGiven(ways: ReturnType<RankCase>): number {
  return ways.findIndex(({ isGiven }) => isGiven);
}
