import { makeChangeTable, type ChangeTable } from "./changeTable";
import { type CostOfChange, type Route, type Stop } from "./stop";

/** A stop and the hand position on leaving it, which distinguishes two open grips. */
interface Standing<T extends Stop> {
  readonly stop: T;
  /** The place of the stop in its layer. */
  readonly index: number;
  readonly hand: T | null;
  /** The best partial routes to here, best first, each through different places. */
  readonly arrivals: readonly Arrival<T>[];
}

interface Arrival<T extends Stop> {
  readonly stop: T;
  readonly before: Arrival<T> | null;
  readonly total: number;
  readonly hardest: number;
  /** Identifies the series of places so far. */
  readonly way: number;
}

/**
 * The `most` least costly routes through layers of stops, the best first, none through the same places as
 * another; none with a change over `limit`. Exact, by dynamic programming (Sayegh's optimum path paradigm,
 * Computer Music Journal 13(3), 1989) with as many arrivals kept at each stop as routes are asked for: if so many
 * other ways to a stop were cheaper, so were their continuations. Work grows with the number of layers.
 */
export function bestRoutes<T extends Stop>(
  layers: readonly (readonly T[])[],
  costOfChange: CostOfChange<T>,
  max = 1,
  limit = Infinity,
): readonly Route<T>[] {
  const table = makeChangeTable(costOfChange);
  const ways = makeNamedRoutes();
  let standings: readonly Standing<T>[] = [];
  for (const [at, layer] of layers.entries()) {
    standings =
      at === 0
        ? layer.map((stop, index) => begin(stop, index, ways))
        : advance(standings, layers[at - 1] ?? [], layer, { table, ways, max, limit });
  }
  return best(
    standings.flatMap(({ arrivals }) => arrivals),
    max,
  ).map(routeOf);
}

/**
 * The same, but first of all with the least hardest change, and among those with the same one the least
 * total (after Hori and Sagayama, ISMIR 2016): the smallest limit on a change under which there are enough
 * routes is looked for among all costs of changes.
 */
export function minHardestRoutes<T extends Stop>(
  layers: readonly (readonly T[])[],
  costOfChange: CostOfChange<T>,
  max = 1,
): readonly Route<T>[] {
  const costs = costsOfChanges(layers, costOfChange);
  const found: Route<T>[] = [];
  const known = new Set<string>();
  let lowest = 0;
  while (found.length < max) {
    const wanted = found.length + 1;
    const has = (at: number) =>
      bestRoutes(layers, costOfChange, wanted, costs[at] ?? 0).length >= wanted;
    let highest = costs.length - 1;
    if (!has(highest)) break;
    while (lowest < highest) {
      const middle = (lowest + highest) >> 1;
      if (has(middle)) highest = middle;
      else lowest = middle + 1;
    }
    for (const route of bestRoutes(layers, costOfChange, max, costs[lowest] ?? 0)) {
      const way = route.stops.map(({ place }) => place).join(";");
      if (known.has(way) || found.length === max) continue;
      known.add(way);
      found.push(route);
    }
  }
  return found;
}

interface Advance<T extends Stop> {
  readonly table: ChangeTable<T>;
  readonly ways: Ways;
  readonly max: number;
  readonly limit: number;
  /** Whether two stops of the layer before are the same place, so that one way may be met twice. */
  readonly mayRepeat: boolean;
}

function begin<T extends Stop>(stop: T, index: number, ways: Ways): Standing<T> {
  const arrival = {
    stop,
    before: null,
    total: stop.cost,
    hardest: 0,
    way: ways.next(0, stop.place),
  };
  return { stop, index, hand: stop.position === null ? null : stop, arrivals: [arrival] };
}

/** From every standing to every stop of the next layer. */
function advance<T extends Stop>(
  standings: readonly Standing<T>[],
  fromLayer: readonly T[],
  layer: readonly T[],
  options: Omit<Advance<T>, "mayRepeat">,
): readonly Standing<T>[] {
  // The best first, so that the rest can be left as soon as no change could make up for what they cost already.
  const from = standings.toSorted((a, b) => minOf(a) - minOf(b));
  const places = new Set(from.map(({ stop }) => stop.place));
  const mayRepeat = places.size < from.length;
  const how = { ...options, mayRepeat };
  const between = how.table.between(fromLayer, layer);
  const next: Standing<T>[] = [];
  for (const [index, stop] of layer.entries()) {
    if (stop.position !== null) {
      const arrivals = arriveAt(stop, index, from, between, how);
      if (arrivals.length > 0) next.push({ stop, index, hand: stop, arrivals });
      continue;
    }
    // Through open strings the hand stays where it was: each place it may be is a standing of its own.
    for (const [hand, those] of byHand(from)) {
      const arrivals = arriveAt(stop, index, those, between, how);
      if (arrivals.length > 0) next.push({ stop, index, hand, arrivals });
    }
  }
  return next;
}

function byHand<T extends Stop>(standings: readonly Standing<T>[]) {
  const groups = new Map<number | null, { hand: T | null; all: Standing<T>[] }>();
  for (const standing of standings) {
    const position = standing.hand?.position ?? null;
    const group = groups.get(position) ?? { hand: standing.hand, all: [] };
    group.all.push(standing);
    groups.set(position, group);
  }
  return [...groups.values()].map(({ hand, all }) => [hand, all] as const);
}

function arriveAt<T extends Stop>(
  stop: T,
  index: number,
  from: readonly Standing<T>[],
  between: (fromIndex: number, toIndex: number) => number,
  { table, ways, max, limit, mayRepeat }: Advance<T>,
): readonly Arrival<T>[] {
  // Kept in order by hand, the best first: this is the innermost loop of every route.
  const kept: (Kept<T> | undefined)[] = [];
  let count = 0;
  for (let at = 0; at < from.length; at++) {
    const standing = from[at];
    if (!standing) continue;
    const { arrivals } = standing;
    // No change costs less than nothing, and all that follow cost as much already.
    if (count === max && minOf(standing) + stop.cost >= (kept[max - 1]?.total ?? 0)) break;
    const change =
      standing.stop.position === null
        ? table.fromOpen(standing.stop, standing.hand, stop)
        : between(standing.index, index);
    if (change > limit) continue;
    for (let rank = 0; rank < arrivals.length; rank++) {
      const before = arrivals[rank];
      if (!before) break;
      const total = before.total + change + stop.cost;
      if (count === max && total >= (kept[max - 1]?.total ?? 0)) break;
      // The place that the newcomer pushes out: the last, or another fingering of the same places.
      let out = count < max ? count : max - 1;
      if (mayRepeat) {
        let same = 0;
        while (same < count && kept[same]?.before.way !== before.way) same++;
        // Another fingering of the same places is worth keeping only where it is cheaper.
        if (same < count && (kept[same]?.total ?? 0) <= total) continue;
        if (same < count) out = same;
      }
      if (out === count) count++;
      while (out > 0 && (kept[out - 1]?.total ?? 0) > total) {
        kept[out] = kept[out - 1];
        out--;
      }
      kept[out] = { total, change, before };
    }
  }
  return kept.flatMap((each) =>
    each
      ? [
          {
            stop,
            before: each.before,
            total: each.total,
            hardest: Math.max(each.before.hardest, each.change),
            way: ways.next(each.before.way, stop.place),
          },
        ]
      : [],
  );
}

function minOf<T extends Stop>({ arrivals }: Standing<T>): number {
  return arrivals[0]?.total ?? Infinity;
}

interface Kept<T extends Stop> {
  readonly total: number;
  readonly change: number;
  readonly before: Arrival<T>;
}

function best<T extends Stop>(arrivals: readonly Arrival<T>[], max: number): Arrival<T>[] {
  const known = new Set<number>();
  return [...arrivals]
    .sort((a, b) => a.total - b.total)
    .filter(({ way }) => {
      if (known.has(way)) return false;
      known.add(way);
      return true;
    })
    .slice(0, max);
}

function routeOf<T extends Stop>(last: Arrival<T>): Route<T> {
  const stops: T[] = [];
  for (let at: Arrival<T> | null = last; at; at = at.before) stops.push(at.stop);
  return { stops: stops.reverse(), total: last.total, hardest: last.hardest };
}

/** Numbers for series of places: equal exactly where the places are. */
interface Ways {
  readonly next: (before: number, place: string) => number;
}

function makeNamedRoutes(): Ways {
  const places = new Map<string, number>();
  const known = new Map<number, number>();
  // Neither reaches 2^26 in any song, so a double holds both.
  const MAX_PLACES = 2 ** 26;
  return {
    next: (before, place) => {
      const number = places.get(place) ?? places.size;
      places.set(place, number);
      const key = before * MAX_PLACES + number;
      const way = known.get(key) ?? known.size + 1;
      known.set(key, way);
      return way;
    },
  };
}

/** Every cost that a change on some route may have, rising, each once. */
export function costsOfChanges<T extends Stop>(
  layers: readonly (readonly T[])[],
  costOfChange: CostOfChange<T>,
): readonly number[] {
  const costs = new Set<number>([0]);
  const table = makeChangeTable(costOfChange);
  let hands: readonly (T | null)[] = [];
  for (const [at, layer] of layers.entries()) {
    const before = layers[at - 1];
    if (before) {
      const between = table.between(before, layer);
      for (const [index, stop] of before.entries()) {
        if (stop.position !== null) {
          for (let goal = 0; goal < layer.length; goal++) costs.add(between(index, goal));
        } else {
          for (const hand of hands) {
            for (const goal of layer) costs.add(costOfChange(stop, hand, goal));
          }
        }
      }
    }
    const pressing = layer.filter(({ position }) => position !== null);
    const stays = pressing.length < layer.length;
    hands = [...pressing, ...(stays ? (at === 0 ? [null] : hands) : [])];
  }
  return [...costs].sort((a, b) => a - b);
}
