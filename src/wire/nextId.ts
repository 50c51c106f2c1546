/** Two pages that make something in the same ms differ by this. */
const RANDOM_STEPS = 2048;
const EPOCH_MS = Date.UTC(2025, 0, 1);
let last = 0;

/**
 * A number for something new, larger than every earlier one of this page, and practically never the same on
 * another: the time in ms, and a random part. Stays a safe integer for over a hundred years.
 */
export function nextId(nowMs: number, random: number): number {
  last = Math.max(last + 1, (nowMs - EPOCH_MS) * RANDOM_STEPS + Math.floor(random * RANDOM_STEPS));
  return last;
}
