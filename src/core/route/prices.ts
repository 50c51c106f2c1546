import { makeChangeTable, withCosts, type ChangeTable } from "./changeTable";
import { minRest } from "./minRest";
import { type CostOfChange, type Route, type Stop } from "./stop";

/** What makes two routes distinct. */
export interface Distinction<T extends Stop> {
  readonly areDifferent: (a: T, b: T) => boolean;
  /** The least share of a route's stops that must be different, 0 to 1. */
  readonly share: number;
}

/** Rounds in which the prices are set, the first change of a price in effort points, and its decay from round to round. */
const PRICE_ROUNDS = 30;
const FIRST_STEP = 8;
const STEP_DECAY = 0.82;
/** Room for the last digits of sums that were added up in another order. */
const ROUNDING = 1e-9;

/** The search for a route that is distinct from some others. */
export interface Task<T extends Stop> {
  readonly layers: readonly (readonly T[])[];
  readonly table: ChangeTable<T>;
  /** By layer, stop and other route: 1 where the stop is different from that route's. */
  readonly differences: readonly (readonly StopCounts[])[];
  /** By layer: how many differences from each other route this layer and all after it can have. */
  readonly reachable: readonly StopCounts[];
  /** How many differences from each other route there must be. */
  readonly needed: number;
  readonly limit: number;
}

/** A number for each other route. */
export type StopCounts = readonly number[];

export function makeTask<T extends Stop>(
  layers: readonly (readonly T[])[],
  costOfChange: CostOfChange<T>,
  others: readonly Route<T>[],
  { areDifferent, share }: Distinction<T>,
  limit = Infinity,
): Task<T> {
  const differences = layers.map((layer, at) =>
    layer.map((stop) =>
      others.map(({ stops }) => (stops[at] && areDifferent(stop, stops[at]) ? 1 : 0)),
    ),
  );
  return {
    layers,
    table: makeChangeTable(costOfChange),
    differences,
    reachable: reachableDifferences(differences, others.length),
    needed: Math.ceil(layers.length * share - ROUNDING),
    limit,
  };
}

/**
 * As `leastBeside`, for a route that is distinct from some others: for each layer, what all else costs at least when a
 * stop that is not in the lists is taken there. `further` as there.
 */
export function minRestDistinct<T extends Stop>(
  layers: readonly (readonly T[])[],
  further: readonly number[],
  costOfChange: CostOfChange<T>,
  others: readonly Route<T>[],
  distinction: Distinction<T>,
): readonly number[] {
  const task = makeTask(layers, costOfChange, others, distinction);
  const { prices } = setPrices(task, others.length);
  const all = prices.reduce((sum, price) => sum + price, 0);
  const priced = layers.map((layer, at) =>
    withCosts(layer, ({ cost }, index) => cost - priceOf(task.differences[at]?.[index], prices)),
  );
  // A stop that is not in the lists may be different from all the others' stops.
  const beside = minRest(
    priced,
    further.map((cost) => cost - all),
    costOfChange,
  );
  return beside.map((cost) => cost + task.needed * all - all);
}

function reachableDifferences(
  differences: Task<Stop>["differences"],
  others: number,
): readonly StopCounts[] {
  const reachable: StopCounts[] = [];
  let after: StopCounts = Array.from({ length: others }, () => 0);
  for (const layer of differences.toReversed()) {
    after = after.map(
      (count, other) => count + Math.max(0, ...layer.map((each) => each[other] ?? 0)),
    );
    reachable.unshift(after);
  }
  return reachable;
}

/** Prices of a difference from each other route, with the bounds that they give. */
export interface Priced {
  readonly prices: StopCounts;
  /** By layer and stop: what all after the stop costs at least, less the prices of its differences. */
  readonly onward: readonly Float64Array[];
  /** What a distinct route costs at least. */
  readonly bound: number;
}

/** Prices under which the bound is high, by a subgradient method. */
export function setPrices<T extends Stop>(task: Task<T>, others: number): Priced {
  let prices: StopCounts = Array.from({ length: others }, () => 0);
  let best: Priced | null = null;
  for (let round = 0; round < PRICE_ROUNDS; round++) {
    const { onward, bound, counts } = priceRoutes(task, prices);
    if (!best || bound > best.bound) best = { prices, onward, bound };
    const missing = counts.map((count) => task.needed - count);
    const length = Math.hypot(...missing);
    if (length === 0) break;
    const step = (FIRST_STEP * STEP_DECAY ** round) / length;
    prices = prices.map((price, other) => Math.max(0, price + step * (missing[other] ?? 0)));
  }
  if (!best) throw new RangeError("there are no rounds");
  return best;
}

/** Finds the cheapest route when each difference earns its price: its differences and the lower bounds it gives. */
function priceRoutes<T extends Stop>(
  { layers, table, differences, needed, limit }: Task<T>,
  prices: StopCounts,
): Omit<Priced, "prices"> & { readonly counts: StopCounts } {
  const own = layers.map((layer, at) =>
    Float64Array.from(layer, ({ cost }, index) => cost - priceOf(differences[at]?.[index], prices)),
  );
  const onward = layers.map((layer) => new Float64Array(layer.length));
  const next = layers.map((layer) => new Int32Array(layer.length));
  for (let at = layers.length - 2; at >= 0; at--) {
    const [layer = [], goals = []] = [layers[at], layers[at + 1]];
    const between = table.between(layer, goals);
    const minOf = Float64Array.from(
      goals,
      (_, goal) => (own[at + 1]?.[goal] ?? 0) + (onward[at + 1]?.[goal] ?? 0),
    );
    const order = Uint32Array.from(goals, (_, goal) => goal).sort(
      (a, b) => (minOf[a] ?? 0) - (minOf[b] ?? 0),
    );
    for (const [index, stop] of layer.entries()) {
      let min = Infinity;
      let chosen = -1;
      for (const goal of order) {
        const after = minOf[goal] ?? 0;
        if (after >= min) break;
        const to = goals[goal];
        if (!to) continue;
        // After an open grip the hand may be anywhere: as if it had no way to go.
        const change =
          stop.position === null ? table.fromOpen(stop, null, to) : between(index, goal);
        if (change > limit || change + after >= min) continue;
        min = change + after;
        chosen = goal;
      }
      onward[at]?.fill(min, index, index + 1);
      next[at]?.fill(chosen, index, index + 1);
    }
  }
  let start = 0;
  const totalFrom = (index: number) => (own[0]?.[index] ?? 0) + (onward[0]?.[index] ?? 0);
  for (let index = 1; index < (layers[0]?.length ?? 0); index++) {
    if (totalFrom(index) < totalFrom(start)) start = index;
  }
  let counts: StopCounts = prices.map(() => 0);
  for (let at = 0, index = start; at < layers.length && index >= 0; at++) {
    counts = add(counts, differences[at]?.[index]);
    index = next[at]?.[index] ?? -1;
  }
  const bound = totalFrom(start) + needed * prices.reduce((sum, price) => sum + price, 0);
  return { onward, bound, counts };
}

export function priceOf(counts: StopCounts | undefined, prices: StopCounts): number {
  let sum = 0;
  for (let other = 0; other < prices.length; other++) {
    sum += (prices[other] ?? 0) * (counts?.[other] ?? 0);
  }
  return sum;
}

function add(a: StopCounts, b: StopCounts | undefined): StopCounts {
  return a.map((count, other) => count + (b?.[other] ?? 0));
}
