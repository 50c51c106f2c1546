/** How a round or an answer went. */
export const RESULTS = ["clean", "rough", "missed"] as const;
export type RoundResult = (typeof RESULTS)[number];
