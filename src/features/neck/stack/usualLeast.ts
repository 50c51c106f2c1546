import { type Stack } from "@/core/stack";

/** How many strings a chord in free mode is usually asked on: nearly all, or the list has no end. */
export function usualLeast(stack: Stack, strings: number): number {
  return Math.min(strings, Math.max(stack.length, strings - 2));
}
