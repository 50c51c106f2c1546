import { rankOfGiven } from "./agreement";
import { type Case, type RankCase } from "./cases";
import { fingersKey } from "./openData";

/** Why the first suggestion for a fretting is not among the fingerings given for it. */
export type Cause =
  /** No given fingering is legal: it gives a lower finger a higher fret, or is out of reach. */
  | "given fingering illegal"
  /** The same shape elsewhere on the neck is given just what was suggested. */
  | "data contradict themselves"
  | "ours";

export interface Disagreement {
  readonly example: Case;
  /** As `fingersKey` writes it; empty where the shape is thought unplayable. */
  readonly suggested: string;
  readonly cause: Cause;
}

export function disagreements(
  cases: readonly Case[],
  all: readonly Case[],
  rankCase: RankCase,
): readonly Disagreement[] {
  return cases.flatMap((example): Disagreement[] => {
    const ways = rankCase(example);
    const rank = rankOfGiven(ways);
    if (rank === 0) return [];
    const suggested = ways[0] ? fingersKey(ways[0].fingers) : "";
    const isGivenElsewhere = all.some(
      ({ shape, given }) => shape === example.shape && given.has(suggested),
    );
    const cause =
      rank < 0
        ? "given fingering illegal"
        : isGivenElsewhere
          ? "data contradict themselves"
          : "ours";
    return [{ example, suggested, cause }];
  });
}
