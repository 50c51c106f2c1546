import { narrow } from "./changeTable";
import { mergeRoutes, type CompareRoutes, type RouteSearch } from "./search";
import { type Route, type Stop } from "./stop";

/** Layers that must agree on something. */
export interface Coupling<T extends Stop> {
  /** By layer: layers of one group take stops of one key; null for a layer that is free. */
  readonly groups: readonly (string | null)[];
  /** What the stops of a group must share; null for a stop that fits none. */
  readonly keyOf: (stop: T) => string | null;
}

/** A part of all routes: those whose stops are in these layers. */
interface Branch<T extends Stop> {
  readonly layers: readonly (readonly T[])[];
  /** Not better than this is any route in it; null before it was searched. */
  readonly best: Route<T> | null;
  readonly isSearched: boolean;
}

/**
 * The best routes in which every group of layers agrees on its key. Exact, by branch and bound: the best route
 * without the condition bounds all that keep it; where it breaks the condition, or others are wanted beside it, the
 * routes that take its key in one group are told apart from those that take another.
 */
export function coupledRoutes<T extends Stop>(
  layers: readonly (readonly T[])[],
  { groups, keyOf }: Coupling<T>,
  search: RouteSearch<T>,
  compare: CompareRoutes,
  max: number,
): readonly Route<T>[] {
  const members = membersOf(groups);
  const start = withSharedKeys(layers, members, keyOf);
  if (!start) return [];
  const open: Branch<T>[] = [{ layers: start, best: null, isSearched: false }];
  let found: readonly Route<T>[] = [];
  for (;;) {
    const branch = takeBest(open, compare);
    if (!branch) return found;
    const last = found[max - 1];
    if (last && branch.best && compare(branch.best, last) >= 0) return found;
    if (!branch.isSearched) {
      const [best] = search(branch.layers, 1);
      if (best) open.push({ ...branch, best, isSearched: true });
      continue;
    }
    const split = branch.best && splitOf(branch.layers, branch.best, members, keyOf, max === 1);
    if (!split) {
      const routes = max === 1 && branch.best ? [branch.best] : search(branch.layers, max);
      found = mergeRoutes([...found, ...routes], compare, max);
      continue;
    }
    for (const isTaken of [true, false]) {
      const part = narrowAt(
        branch.layers,
        split.members,
        (stop) => (keyOf(stop) === split.key) === isTaken,
      );
      if (part) open.push({ layers: part, best: branch.best, isSearched: false });
    }
  }
}

/** By group: its layers; a group of one layer agrees with itself as well. */
function membersOf(groups: readonly (string | null)[]): readonly (readonly number[])[] {
  const byGroup = new Map<string, number[]>();
  for (const [index, group] of groups.entries()) {
    if (group !== null) byGroup.set(group, [...(byGroup.get(group) ?? []), index]);
  }
  return [...byGroup.values()];
}

/** Only stops whose key all layers of their group have; null where a group has none in common. */
function withSharedKeys<T extends Stop>(
  layers: readonly (readonly T[])[],
  members: readonly (readonly number[])[],
  keyOf: (stop: T) => string | null,
): readonly (readonly T[])[] | null {
  let shared: readonly (readonly T[])[] | null = layers;
  for (const group of members) {
    const lists = new Set(group.map((index) => layers[index] ?? []));
    const [first, ...others] = [...lists].map((list) => new Set(list.map(keyOf)));
    const keys = new Set(
      [...(first ?? [])].filter((key) => key !== null && others.every((each) => each.has(key))),
    );
    shared = shared && narrowAt(shared, group, (stop) => keys.has(keyOf(stop)));
  }
  return shared;
}

/** Only the stops of some layers that satisfy a condition; null where one of the layers has none. */
function narrowAt<T extends Stop>(
  layers: readonly (readonly T[])[],
  indices: readonly number[],
  isKept: (stop: T) => boolean,
): readonly (readonly T[])[] | null {
  const narrowed = [...layers];
  // Layers that are one list stay one list.
  const known = new Map<readonly T[], readonly T[]>();
  for (const index of indices) {
    const layer = layers[index] ?? [];
    const part = known.get(layer) ?? narrow(layer, isKept);
    if (part.length === 0) return null;
    known.set(layer, part);
    narrowed[index] = part;
  }
  return narrowed;
}

/** The group to split at and the key; null where all routes of the layers keep the condition, or the best is enough. */
function splitOf<T extends Stop>(
  layers: readonly (readonly T[])[],
  { stops }: Route<T>,
  members: readonly (readonly number[])[],
  keyOf: (stop: T) => string | null,
  isBestEnough: boolean,
): { readonly members: readonly number[]; readonly key: string } | null {
  const keysOf = (group: readonly number[]) =>
    group.flatMap((index) => {
      const stop = stops[index];
      return (stop && keyOf(stop)) ?? [];
    });
  const broken = members.find((group) => new Set(keysOf(group)).size > 1);
  const undecided = members.find((group) =>
    group.some((index) => new Set((layers[index] ?? []).map(keyOf)).size > 1),
  );
  const group = broken ?? (isBestEnough ? undefined : undecided);
  if (!group) return null;
  return { members: group, key: maxFrequent(keysOf(group)) };
}

function maxFrequent(keys: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const key of keys) counts.set(key, (counts.get(key) ?? 0) + 1);
  const [max] = [...counts].sort((a, b) => b[1] - a[1]);
  return max?.[0] ?? "";
}

function takeBest<T extends Stop>(
  open: Branch<T>[],
  compare: CompareRoutes,
): Branch<T> | undefined {
  let at = 0;
  for (let index = 1; index < open.length; index++) {
    const [best, other] = [open[at]?.best, open[index]?.best];
    if (best && (!other || compare(other, best) < 0)) at = index;
  }
  return open.splice(at, 1)[0];
}
