import { type Memory } from "./memory";

/** The cards of one sitting: what is due or new, in order, and what was missed and comes back. */
export interface CardQueue {
  readonly waiting: readonly string[];
  /** Missed ones, with how many other cards come before each. */
  readonly missed: readonly { readonly card: string; readonly after: number }[];
}

/** A missed card comes back after so many others (a judgement). */
const BACK_AFTER = 3;
/** Due cards between two new ones (a judgement). */
const DUE_PER_NEW = 2;

/**
 * Queues cards: those that are due, the most overdue first, with new ones in their learning order between them.
 *
 * @param order cards in the order in which they are learnt
 * @param asked those that were asked before
 * @param mostNew how many new ones one sitting takes
 */
export function makeQueue(
  order: readonly string[],
  asked: ReadonlyMap<string, Pick<Memory, "dueMs">>,
  nowMs: number,
  maxNew: number,
): CardQueue {
  const due = order
    .filter((card) => (asked.get(card)?.dueMs ?? Infinity) <= nowMs)
    .toSorted((a, b) => (asked.get(a)?.dueMs ?? 0) - (asked.get(b)?.dueMs ?? 0));
  const fresh = order.filter((card) => !asked.has(card)).slice(0, maxNew);
  const waiting: string[] = [];
  while (due.length > 0 || fresh.length > 0) {
    waiting.push(...due.splice(0, DUE_PER_NEW), ...fresh.splice(0, 1));
  }
  return { waiting, missed: [] };
}

/** The card to ask now; null once all are done. */
export function nextCard({ waiting, missed }: CardQueue): string | null {
  const back = missed.find(({ after }) => after <= 0) ?? (waiting.length === 0 ? missed[0] : null);
  return back?.card ?? waiting[0] ?? null;
}

/** The queue once a card was answered; a missed one comes back after three others, or at the end. */
export function answered(queue: CardQueue, card: string, isMissed: boolean): CardQueue {
  const missed = queue.missed
    .filter((each) => each.card !== card)
    .map((each) => ({ ...each, after: each.after - 1 }));
  return {
    waiting: queue.waiting.filter((each) => each !== card),
    missed: isMissed ? [...missed, { card, after: BACK_AFTER }] : missed,
  };
}
