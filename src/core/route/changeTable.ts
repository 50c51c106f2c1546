import { type CostOfChange, type Stop } from "./stop";

/** Costs by the two stops' places in their layers; layers that are the same list share one table. */
export interface ChangeTable<T extends Stop> {
  readonly between: (
    from: readonly T[],
    to: readonly T[],
  ) => (fromIndex: number, toIndex: number) => number;
  readonly fromOpen: CostOfChange<T>;
}

const tables = new WeakMap<CostOfChange<never>, ChangeTable<never>>();

/** One table for each function of cost, so that each change is worked out once, and only if it is asked for. */
export function makeChangeTable<T extends Stop>(costOfChange: CostOfChange<T>): ChangeTable<T> {
  const known = tables.get(costOfChange as CostOfChange<never>) as ChangeTable<T> | undefined;
  if (known) return known;
  const pairs = new WeakMap<readonly T[], WeakMap<readonly T[], Float64Array>>();
  const made: ChangeTable<T> = {
    between: (from, to) => {
      const byGoal = pairs.get(from) ?? new WeakMap<readonly T[], Float64Array>();
      pairs.set(from, byGoal);
      const costs = byGoal.get(to) ?? new Float64Array(from.length * to.length).fill(NaN);
      byGoal.set(to, costs);
      return (fromIndex, toIndex) => {
        const at = fromIndex * to.length + toIndex;
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
