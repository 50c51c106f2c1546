import { type RoundResult } from "@/core/recall";

/** The hardest level of questions for the ear; the easiest is 0. */
export const MAX_LEVEL = 2;
/** So many right in a row go up; two missed of three go down (judgements). */
const RIGHT_TO_RISE = 5;
const [MISSED_TO_FALL, FALL_WINDOW] = [2, 3];

/** The level after some answers, oldest first. */
export function levelAfter(answers: readonly RoundResult[]): number {
  let level = 0;
  let since: RoundResult[] = [];
  for (const answer of answers) {
    since = [...since, answer];
    const last = since.slice(-FALL_WINDOW);
    const missed = last.filter((each) => each === "missed").length;
    const isRising =
      since.length >= RIGHT_TO_RISE && !since.slice(-RIGHT_TO_RISE).includes("missed");
    if (!isRising && missed < MISSED_TO_FALL) continue;
    level = Math.min(MAX_LEVEL, Math.max(0, level + (isRising ? 1 : -1)));
    since = [];
  }
  return level;
}
