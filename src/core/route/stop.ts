/** One chord’s grip, as the search for routes sees it. */
export interface Stop {
  /** What it costs by itself, in effort points. */
  readonly cost: number;
  /** The same for stops that count as the same place, however they are fingered. */
  readonly place: string;
  /** Where the hand stands, any number that tells positions apart; null where no finger presses. */
  readonly position: number | null;
}

/**
 * What it costs to come from one stop to the next, 0 or more. `hand` is the last stop in which a finger
 * pressed: `from` itself, or one before it; null where there was none.
 */
export type CostOfChange<T extends Stop> = (from: T, hand: T | null, to: T) => number;

export interface Route<T extends Stop> {
  /** One for each chord. */
  readonly stops: readonly T[];
  /** The stops and the changes between them. */
  readonly total: number;
  /** The change that costs most; 0 where there is none. */
  readonly hardest: number;
}
