/** The fewest fingers that hold the strings so far, and those that can still lie across the next. */
export interface Held {
  readonly fingers: number;
  readonly lying: Lying | null;
}

/** Fingers by the fret they lie on, the highest fret first. */
interface Lying {
  readonly fret: number;
  readonly below: Lying | null;
}

export const NOTHING_HELD: Held = { fingers: 0, lying: null };

/**
 * One string more, thickest first. A finger lies across strings only as long as each that sounds is
 * fretted at its fret or above; what is not played does not end it.
 */
export function hold({ fingers, lying }: Held, fret: number): Held {
  let rest = lying;
  while (rest && rest.fret > fret) rest = rest.below;
  if (fret === 0 || rest?.fret === fret) return { fingers, lying: rest };
  return { fingers: fingers + 1, lying: { fret, below: rest } };
}
