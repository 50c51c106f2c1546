import { type CostOfChange, type Stop } from "./stop";

/** Costs by the two stops' places in their layers; layers that are the same list share one table. */
export interface ChangeTable<T extends Stop> {
  readonly between: (from: readonly T[], to: readonly T[]) => (index: number) => Float64Array;
  readonly fromOpen: CostOfChange<T>;
}

const tables = new WeakMap<CostOfChange<never>, ChangeTable<never>>();

/** One table for each function of cost, so that looking for a limit works each change out once. */
export function makeChangeTable<T extends Stop>(costOfChange: CostOfChange<T>): ChangeTable<T> {
  const known = tables.get(costOfChange as CostOfChange<never>) as ChangeTable<T> | undefined;
  if (known) return known;
  const pairs = new WeakMap<readonly T[], WeakMap<readonly T[], (Float64Array | undefined)[]>>();
  const made: ChangeTable<T> = {
    between: (from, to) => {
      const byGoal = pairs.get(from) ?? new WeakMap<readonly T[], (Float64Array | undefined)[]>();
      pairs.set(from, byGoal);
      const rows = byGoal.get(to) ?? [];
      byGoal.set(to, rows);
      return (index) => {
        const row = rows[index];
        if (row) return row;
        const stop = from[index];
        const costs = Float64Array.from(to, (goal) => (stop ? costOfChange(stop, stop, goal) : 0));
        rows[index] = costs;
        return costs;
      };
    },
    fromOpen: costOfChange,
  };
  tables.set(costOfChange as CostOfChange<never>, made as ChangeTable<never>);
  return made;
}
