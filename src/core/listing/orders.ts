/**
 * What comes first: the usual grip, the easiest, or what a wish asks for on top of what is usual
 * ("ringing", "heavy", "high", "close"); or strictly by one figure.
 */
export const GRIP_ORDERS = [
  "usual",
  "effort",
  "ringing",
  "heavy",
  "high",
  "close",
  "lowest",
  "nearest",
  "clearest",
  "heaviest",
] as const;
export type GripOrder = (typeof GRIP_ORDERS)[number];
