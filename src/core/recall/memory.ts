import { createEmptyCard, forgetting_curve, fsrs, Rating, type Card, type Grade } from "ts-fsrs";
import { type RoundResult } from "./results";

/** One answer to a card, in ms since 1970. */
export interface Review {
  readonly atMs: number;
  readonly result: RoundResult;
}

/** What is remembered of a card, after the FSRS model (ts-fsrs 5.4). */
export interface Memory {
  /** When it should be asked again, in ms since 1970. */
  readonly dueMs: number;
  readonly lastMs: number;
  /** Days after which it is recalled nine times in ten. */
  readonly stabilityDays: number;
  readonly reviews: number;
  /** How the last answer went. */
  readonly last: RoundResult;
}

/** Without short steps the scheduler counts in days; a miss comes back within the sitting by `queue`. */
const SCHEDULER = fsrs({ enable_fuzz: false, enable_short_term: false });

/** A clean answer was right, a rough one slow, a missed one wrong. */
const GRADES: Readonly<Record<RoundResult, Grade>> = {
  clean: Rating.Good,
  rough: Rating.Hard,
  missed: Rating.Again,
};

const MS_A_DAY = 86_400_000;

/**
 * What a player remembers of a card after some answers, in their order; null without any. An answer that a clock set
 * back puts before the last one counts as given with it.
 */
export function memoryAfter(reviews: readonly Review[]): Memory | null {
  let card: Card | null = null;
  let last: Review | null = null;
  for (const { atMs, result } of reviews) {
    const at: number = Math.max(atMs, last?.atMs ?? -Infinity);
    card = SCHEDULER.next(card ?? createEmptyCard(at), at, GRADES[result]).card;
    last = { atMs: at, result };
  }
  if (!card || !last) return null;
  return {
    dueMs: card.due.getTime(),
    lastMs: last.atMs,
    stabilityDays: card.stability,
    reviews: card.reps,
    last: last.result,
  };
}

/** How likely a card is recalled at a time, 0 to 1; FSRS's forgetting curve. */
export function recallAt({ stabilityDays, lastMs }: Memory, nowMs: number): number {
  const days = Math.max(0, nowMs - lastMs) / MS_A_DAY;
  return forgetting_curve(SCHEDULER.parameters.w, days, stabilityDays);
}
