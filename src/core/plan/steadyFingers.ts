import { type RouteMemo } from "./memo";
import { type GripRoute } from "./planRoutes";
import { type GripStop } from "./stops";

/** What another fingering of the same grip must save before players change fingers within a song (a judgement). */
const CHANGE_OF_FINGERS_POINTS = 4;

/**
 * The same places with each grip fingered the way it is fingered most often, except where other fingers save enough.
 * `chordAt` tells the chords apart; stops that are `isFixed` keep their fingers. Costs a little more than the best
 * route, which changes fingers for any gain.
 */
export function steadyFingers(
  route: GripRoute,
  chordAt: readonly string[],
  isFixed: (at: number) => boolean,
  costOfChange: RouteMemo["costOfChange"],
): GripRoute {
  const usual = maxFrequent(route.stops, chordAt);
  const stops = [...route.stops];
  for (const [at, stop] of route.stops.entries()) {
    if (isFixed(at)) continue;
    const other = usual.get(keyOf(stop, chordAt[at]));
    if (!other || fingersOf(other) === fingersOf(stop)) continue;
    const more =
      totalOf(stops.with(at, other), costOfChange).total - totalOf(stops, costOfChange).total;
    if (more <= CHANGE_OF_FINGERS_POINTS) stops[at] = other;
  }
  return { stops, ...totalOf(stops, costOfChange) };
}

/** By grip of a chord: the stop with its most frequent fingers, the first of those that are as frequent. */
function maxFrequent(
  stops: readonly GripStop[],
  chordAt: readonly string[],
): ReadonlyMap<string, GripStop> {
  const counts = new Map<string, Map<string, { readonly stop: GripStop; count: number }>>();
  for (const [at, stop] of stops.entries()) {
    const key = keyOf(stop, chordAt[at]);
    const byFingers =
      counts.get(key) ?? new Map<string, { readonly stop: GripStop; count: number }>();
    counts.set(key, byFingers);
    const counted = byFingers.get(fingersOf(stop)) ?? { stop, count: 0 };
    counted.count++;
    byFingers.set(fingersOf(stop), counted);
  }
  return new Map(
    [...counts].flatMap(([key, byFingers]) => {
      const [max] = [...byFingers.values()].sort((a, b) => b.count - a.count);
      return max ? [[key, max.stop] as const] : [];
    }),
  );
}

function keyOf({ place }: GripStop, chord = ""): string {
  return `${chord} ${place}`;
}

function fingersOf({ fingering }: GripStop): string {
  return fingering.fingers.join();
}

function totalOf(
  stops: readonly GripStop[],
  costOfChange: RouteMemo["costOfChange"],
): { readonly total: number; readonly hardest: number } {
  let hand: GripStop | null = null;
  let total = 0;
  let hardest = 0;
  for (const [at, stop] of stops.entries()) {
    const before = stops[at - 1];
    const change: number = before ? costOfChange(before, hand, stop) : 0;
    total += stop.cost + change;
    hardest = Math.max(hardest, change);
    if (stop.position !== null) hand = stop;
  }
  return { total, hardest };
}
