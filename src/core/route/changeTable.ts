import { type CostOfChange, type Stop } from "./stop";

/** Costs by the two stops' places in their layers; layers that are the same list, or parts of it, share one table. */
export interface ChangeTable<T extends Stop> {
  readonly between: (
    from: readonly T[],
    to: readonly T[],
  ) => (fromIndex: number, toIndex: number) => number;
  readonly fromOpen: CostOfChange<T>;
}

const tables = new WeakMap<CostOfChange<never>, ChangeTable<never>>();

/** A part of a list of stops: the list, and by index of the part the index in the list. */
interface Part {
  readonly whole: readonly Stop[];
  readonly indices: Uint32Array;
}

const parts = new WeakMap<readonly Stop[], Part>();

/** Filters a list of stops; the result shares the original list's table of changes. */
export function narrow<T extends Stop>(
  list: readonly T[],
  isKept: (stop: T) => boolean,
): readonly T[] {
  const indices = list.flatMap((stop, index) => (isKept(stop) ? [index] : []));
  if (indices.length === list.length) return list;
  const kept = indices.flatMap((index) => list[index] ?? []);
  const { whole, indices: inWhole } = partOf(list);
  const mapped = inWhole ? indices.map((index) => inWhole[index] ?? 0) : indices;
  parts.set(kept, { whole, indices: Uint32Array.from(mapped) });
  return kept;
}

/** Copies a list of stops with other costs; the copy shares the original list's table of changes. */
export function withCosts<T extends Stop>(
  list: readonly T[],
  costOf: (stop: T, index: number) => number,
): readonly T[] {
  const priced = list.map((stop, index) => ({ ...stop, cost: costOf(stop, index) }));
  const { whole, indices } = partOf(list);
  parts.set(priced, { whole, indices: indices ?? Uint32Array.from(list, (_, index) => index) });
  return priced;
}

function partOf(list: readonly Stop[]): { whole: readonly Stop[]; indices: Uint32Array | null } {
  return parts.get(list) ?? { whole: list, indices: null };
}

/** One table for each function of cost, so that each change is worked out once, and only if it is asked for. */
export function makeChangeTable<T extends Stop>(costOfChange: CostOfChange<T>): ChangeTable<T> {
  const known = tables.get(costOfChange as CostOfChange<never>) as ChangeTable<T> | undefined;
  if (known) return known;
  const pairs = new WeakMap<readonly Stop[], WeakMap<readonly Stop[], Float64Array>>();
  const costsBetween = (from: readonly Stop[], to: readonly Stop[]): Float64Array => {
    const byGoal = pairs.get(from) ?? new WeakMap<readonly Stop[], Float64Array>();
    pairs.set(from, byGoal);
    const costs = byGoal.get(to) ?? new Float64Array(from.length * to.length).fill(NaN);
    byGoal.set(to, costs);
    return costs;
  };
  const made: ChangeTable<T> = {
    between: (from, to) => {
      const [before, after] = [partOf(from), partOf(to)];
      const costs = costsBetween(before.whole, after.whole);
      const width = after.whole.length;
      return (fromIndex, toIndex) => {
        const row = before.indices ? (before.indices[fromIndex] ?? 0) : fromIndex;
        const column = after.indices ? (after.indices[toIndex] ?? 0) : toIndex;
        const at = row * width + column;
        const cost = costs[at] ?? NaN;
        if (!Number.isNaN(cost)) return cost;
        const [stop, goal] = [from[fromIndex], to[toIndex]];
        const found = stop && goal ? costOfChange(stop, stop, goal) : 0;
        costs[at] = found;
        return found;
      };
    },
    fromOpen: costOfChange,
  };
  tables.set(costOfChange as CostOfChange<never>, made as ChangeTable<never>);
  return made;
}
