import { recallAt, type Memory } from "./memory";

/** How well something is known, in four steps. */
export const KNOWING = ["never asked", "shaky", "known", "sure"] as const;
export type Knowing = (typeof KNOWING)[number];

/** Known holds for days, sure for weeks (judgements). */
const [KNOWN_DAYS, SURE_DAYS] = [3, 21];
/** Recalled less likely than this, it is shaky again, however long it held (a judgement). */
const MIN_RECALL = 0.7;

export function knowingOf(memory: Memory | null | undefined, nowMs: number): Knowing {
  if (!memory) return "never asked";
  const isLost = memory.last === "missed" || recallAt(memory, nowMs) < MIN_RECALL;
  if (isLost || memory.stabilityDays < KNOWN_DAYS) return "shaky";
  return memory.stabilityDays < SURE_DAYS ? "known" : "sure";
}
