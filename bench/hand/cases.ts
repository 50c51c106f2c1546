import {
  assignFingers,
  countParts,
  DEFAULT_HAND,
  fingersOf,
  rankFingers,
  type Finger,
  type Hand,
} from "@/core/hand";
import { type Neck } from "@/core/neck";
import { fingersKey, type GivenFretting } from "./openData";

/** One legal fingering of a fretting, as what the effort counts of it. */
export interface Way {
  readonly fingers: readonly (Finger | 0)[];
  readonly isGiven: boolean;
  /** Part numbers and how much of each; the effort is the sum of weight times amount. */
  readonly parts: readonly number[];
  readonly amounts: readonly number[];
}

export interface Case extends GivenFretting {
  readonly ways: readonly Way[];
}

/** The open data never uses the thumb, so it can say nothing about it. */
const HAND: Hand = { ...DEFAULT_HAND, without: ["T"] };

export function caseOf(neck: Neck, given: GivenFretting): Case {
  const { fretting } = given;
  const ways = assignFingers(neck, fretting, HAND).map((presses): Way => {
    const parts: number[] = [];
    const amounts: number[] = [];
    countParts(neck, fretting, presses, HAND, (part, amount) => {
      parts.push(part);
      amounts.push(amount);
    });
    const fingers = fingersOf(fretting, presses);
    return { fingers, isGiven: given.given.has(fingersKey(fingers)), parts, amounts };
  });
  return { ...given, ways };
}

/** The ways to finger a case, the first suggestion first. */
export type RankCase = (
  example: Case,
) => readonly { readonly fingers: Way["fingers"]; readonly isGiven: boolean }[];

/** What some weights suggest. */
export function rankByWeights(weights: ArrayLike<number>): RankCase {
  return ({ ways }) =>
    ways
      .map((way) => ({ ...way, effort: effortOf(way, weights) }))
      .sort((a, b) => a.effort - b.effort);
}

/** What Tenon suggests, with all that the fit leaves out: the thumb, damping, the player. */
export function rankAsShipped(neck: Neck): RankCase {
  return ({ fretting, given }) =>
    rankFingers(neck, fretting).map(({ fingers }) => ({
      fingers,
      isGiven: given.has(fingersKey(fingers)),
    }));
}

export function effortOf({ parts, amounts }: Way, weights: ArrayLike<number>): number {
  let effort = 0;
  for (const [index, part] of parts.entries()) {
    effort += (weights[part] ?? 0) * (amounts[index] ?? 0);
  }
  return effort;
}
