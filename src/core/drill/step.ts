/** How much of a drill is played while it is learnt, from the least (common practice). */
export const STEPS = ["root", "once", "two", "whole"] as const;
export type Step = (typeof STEPS)[number];
