import { type Route, type Stop } from "./stop";

/** Finds the best routes through layers of stops, at most so many, the best first. */
export type RouteSearch<T extends Stop> = (
  layers: readonly (readonly T[])[],
  max: number,
) => readonly Route<T>[];

/** Below 0 where the first route is better. */
export type CompareRoutes = (a: Route<Stop>, b: Route<Stop>) => number;

export const byTotal: CompareRoutes = (a, b) => a.total - b.total;

/** By the hardest single change, then by the total. */
export const byHardest: CompareRoutes = (a, b) => a.hardest - b.hardest || a.total - b.total;

/** Equal for routes through the same places. */
export function placesOf({ stops }: Route<Stop>): string {
  return stops.map(({ place }) => place).join(";");
}

/** The best of several searches' routes, each series of places once. */
export function mergeRoutes<T extends Stop>(
  routes: readonly Route<T>[],
  compare: CompareRoutes,
  max: number,
): readonly Route<T>[] {
  const known = new Set<string>();
  return routes
    .toSorted(compare)
    .filter((route) => {
      const places = placesOf(route);
      if (known.has(places)) return false;
      known.add(places);
      return true;
    })
    .slice(0, max);
}
