import { type Voicing } from "@/core/voicing";

/** How many strings a chord in free mode is usually asked on: nearly all, or the list has no end. */
export function usualMinNotes(voicing: Voicing, strings: number): number {
  return Math.min(strings, Math.max(voicing.length, strings - 2));
}
