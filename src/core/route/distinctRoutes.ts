import {
  makeTask,
  priceOf,
  setPrices,
  type StopCounts,
  type Distinction,
  type Priced,
  type Task,
} from "./prices";
import { bestRoutes, costsOfChanges } from "./routes";
import { type CostOfChange, type Route, type Stop } from "./stop";

/** How far above the bound a route is looked for first, in effort points, and by how much wider each next time. */
const FIRST_MARGIN = 0.5;
const WIDER = 4;
/** Larger than the total of any route, in effort points. */
const WHOLE_MARGIN = 1e6;
/** Parts of routes that are followed at once, over all layers; memory and time grow with them. */
const MAX_PARTS = 60_000;
/** Room for the last digits of sums that were added up in another order. */
const ROUNDING = 1e-9;

/**
 * The least costly route that is distinct from each of some routes and has no change over `limit`; null where there is
 * none. A shortest path with a count to reach for each of those routes. A price on each difference (Lagrangian
 * relaxation; Handler and Zang, Networks 10, 1980) bounds what a part of a route can lead to, and a part that costs more
 * and differs less than another to the same stop is dropped. Exact unless more than MAX_PARTS are left, as beside
 * several routes through a long song: then those with the lowest bounds are followed.
 */
export function bestDistinctRoute<T extends Stop>(
  layers: readonly (readonly T[])[],
  costOfChange: CostOfChange<T>,
  others: readonly Route<T>[],
  distinction: Distinction<T>,
  limit = Infinity,
): Route<T> | null {
  if (others.length === 0) return bestRoutes(layers, costOfChange, 1, limit)[0] ?? null;
  const task = makeTask(layers, costOfChange, others, distinction, limit);
  if (task.reachable[0]?.some((count) => count < task.needed)) return null;
  const priced = setPrices(task, others.length);
  if (priced.bound === Infinity) return null;
  for (let margin = FIRST_MARGIN; margin < WHOLE_MARGIN * WIDER; margin *= WIDER) {
    const upTo = priced.bound + margin;
    const found = bestUpTo(task, priced, upTo);
    // A route above the limit may have been met while one that costs less was left out.
    if (found) return found.total <= upTo ? found : bestUpTo(task, priced, found.total);
  }
  return null;
}

/** The same with the least hardest change, then the least total. */
export function minHardestDistinctRoute<T extends Stop>(
  layers: readonly (readonly T[])[],
  costOfChange: CostOfChange<T>,
  others: readonly Route<T>[],
  distinction: Distinction<T>,
): Route<T> | null {
  const costs = costsOfChanges(layers, costOfChange);
  const within = (at: number) =>
    bestDistinctRoute(layers, costOfChange, others, distinction, costs[at] ?? 0);
  let [lowest, highest] = [0, costs.length - 1];
  let best = within(highest);
  while (best && lowest < highest) {
    const middle = (lowest + highest) >> 1;
    const found = within(middle);
    if (found) [best, highest] = [found, middle];
    else lowest = middle + 1;
  }
  return best;
}

/** A part of a route, up to one of its stops. */
interface Part<T extends Stop> {
  readonly stop: T;
  readonly index: number;
  readonly hand: T | null;
  readonly before: Part<T> | null;
  readonly total: number;
  readonly hardest: number;
  /** Differences so far from each other route, up to the number needed. */
  readonly counts: StopCounts;
  /** The total less the prices of all its differences. */
  readonly priced: number;
  /** What it leads to costs at least, less the same. */
  readonly bound: number;
}

/** The best distinct route that costs so much or less; null, or a route that costs more, where there is none. */
function bestUpTo<T extends Stop>(
  task: Task<T>,
  { prices, onward }: Priced,
  upTo: number,
): Route<T> | null {
  const { layers, table, differences, reachable, needed, limit } = task;
  const room = upTo - needed * prices.reduce((sum, price) => sum + price, 0) + ROUNDING;
  const maxParts = Math.ceil(MAX_PARTS / layers.length);
  let parts: readonly Part<T>[] = [];
  for (const [at, layer] of layers.entries()) {
    const between = table.between(layers[at - 1] ?? [], layer);
    const left = reachable[at + 1];
    const next: Part<T>[] = [];
    for (const [index, stop] of layer.entries()) {
      const difference = differences[at]?.[index] ?? [];
      const own = stop.cost - priceOf(difference, prices);
      const after = onward[at]?.[index] ?? 0;
      const arrived = new Map<string, Part<T>>();
      const arrive = (before: Part<T> | null, change: number) => {
        const priced = (before?.priced ?? 0) + change + own;
        const bound = priced + after;
        if (change > limit || bound > room) return;
        const counts = difference.map((count, other) =>
          Math.min(needed, count + (before?.counts[other] ?? 0)),
        );
        if (counts.some((count, other) => count + (left?.[other] ?? 0) < needed)) return;
        const hand = stop.position === null ? (before?.hand ?? null) : stop;
        const total = (before?.total ?? 0) + change + stop.cost;
        const key = `${counts.join()} ${hand?.position ?? ""}`;
        if ((arrived.get(key)?.total ?? Infinity) <= total) return;
        const hardest = Math.max(before?.hardest ?? 0, change);
        arrived.set(key, { stop, index, hand, before, total, hardest, counts, priced, bound });
      };
      if (at === 0) arrive(null, 0);
      for (const part of parts) {
        if (part.priced + own + after > room) break;
        const isOpen = part.stop.position === null;
        arrive(
          part,
          isOpen ? table.fromOpen(part.stop, part.hand, stop) : between(part.index, index),
        );
      }
      next.push(...withoutDominated([...arrived.values()]));
    }
    if (next.length > maxParts) {
      next.sort((a, b) => a.bound - b.bound);
      next.length = maxParts;
    }
    // The least first, so that the rest can be left as soon as no change could make up for what they cost already.
    parts = next.sort((a, b) => a.priced - b.priced);
  }
  const [best] = parts.toSorted((a, b) => a.total - b.total);
  return best ? routeOf(best) : null;
}

/** Drops each part to which another is preferable: same stop and hand, no higher total, no fewer differences. */
function withoutDominated<T extends Stop>(parts: Part<T>[]): readonly Part<T>[] {
  const kept: Part<T>[] = [];
  for (const part of parts.sort((a, b) => a.total - b.total)) {
    const isDominated = kept.some(
      ({ hand, counts }) =>
        hand?.position === part.hand?.position &&
        counts.every((count, other) => count >= (part.counts[other] ?? 0)),
    );
    if (!isDominated) kept.push(part);
  }
  return kept;
}

function routeOf<T extends Stop>(last: Part<T>): Route<T> {
  const stops: T[] = [];
  for (let at: Part<T> | null = last; at; at = at.before) stops.push(at.stop);
  return { stops: stops.reverse(), total: last.total, hardest: last.hardest };
}
