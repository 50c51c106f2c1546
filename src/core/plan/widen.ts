import { maxForbidden, type Song } from "./song";
import { cutAt, type StopFinder, type StopList } from "./stops";

/**
 * How many grips of each chord are looked at first; the routes through them bound all others. The best route mostly goes
 * through very few, and its work grows with the square of their number; too few bound nothing, so more are tried before
 * all that lie within the bound.
 */
export const FEW_GRIPS = 6;
export const FIRST_GRIPS = 16;
/** Where so many stops of a chord lie within the bound, more grips are tried first, so that it becomes tighter. */
const MANY_STOPS = 1000;
const MAX_GRIPS = 256;
/** Only where next to nothing is weighed do more lie within it; the cheapest so many then take part. */
const MAX_STOPS = 2000;

/** By chord: the stops of so many of its cheapest grips, and of as many more as may be forbidden. */
export function firstStops(
  song: Song,
  finders: readonly StopFinder[],
  grips: number,
): readonly StopList[] {
  const spare = maxForbidden(song);
  return song.once.map((chord, at) => finderOf(finders, at).first(chord, grips + spare));
}

/** By chord: all stops that cost no more than `wanted`; null where more first grips may spare looking for them. */
export function stopsUpTo(
  song: Song,
  finders: readonly StopFinder[],
  lists: readonly StopList[],
  wanted: readonly number[],
  grips: number,
): readonly StopList[] | null {
  const isFew = grips < FIRST_GRIPS;
  const known = isFew ? firstStops(song, finders, FIRST_GRIPS) : lists;
  const found: StopList[] = [];
  for (const [at, chord] of song.once.entries()) {
    const [list, limit = 0] = [known[at], wanted[at]];
    if (list && limit < list.upTo) found.push(cutAt(list, limit));
    else if (isFew) return null;
    else found.push(finderOf(finders, at).within(chord, limit));
  }
  const widest = Math.max(...found.map(({ stops }) => stops.length));
  return widest > MANY_STOPS && grips < MAX_GRIPS ? null : found.map(cheapestOf);
}

function cheapestOf(list: StopList): StopList {
  if (list.stops.length <= MAX_STOPS) return list;
  return { ...list, stops: list.stops.toSorted((a, b) => a.cost - b.cost).slice(0, MAX_STOPS) };
}

/** How many grips are looked at next. */
export function moreThan(grips: number): number {
  return grips < FIRST_GRIPS ? FIRST_GRIPS : grips * 4;
}

export function finderOf(finders: readonly StopFinder[], at: number): StopFinder {
  const finder = finders[at];
  if (!finder) throw new RangeError(`there is no chord ${at}`);
  return finder;
}
