import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { coupledRoutes, type Coupling } from "./coupledRoutes";
import { bestDistinctRoute, leastHardestDistinctRoute } from "./distinctRoutes";
import { leastBesideDistinct, type Distinction } from "./prices";
import { bestRoutes } from "./routes";
import { byHardest, byTotal, mergeRoutes, type RouteSearch } from "./search";
import { type Route, type Stop } from "./stop";
import { anyLayers, costOfChange, everyRoute } from "./testing";

const distinction: Distinction<Stop> = {
  areDifferent: (a, b) => a.place !== b.place,
  share: 1 / 3,
};

function isDistinct(route: Route<Stop>, other: Route<Stop>): boolean {
  const different = route.stops.filter(({ place }, at) => place !== other.stops[at]?.place);
  return 3 * different.length >= route.stops.length;
}

describe("held against counting out every route", () => {
  test("each distinct route is the best beside those before it", () => {
    fc.assert(
      fc.property(anyLayers, (layers) => {
        const all = everyRoute(layers);
        const found: Route<Stop>[] = [];
        for (let count = 0; count < 4; count++) {
          const others = [...found];
          const left = all.filter((route) => others.every((other) => isDistinct(route, other)));
          const next = bestDistinctRoute(layers, costOfChange, others, distinction);
          if (left.length === 0) {
            expect(next).toBeNull();
            return;
          }
          expect(next?.total).toBeCloseTo(Math.min(...left.map(({ total }) => total)), 9);
          if (next) found.push(next);
        }
      }),
      { numRuns: 300 },
    );
  });

  test("and with the least hardest change, in the order of (hardest, total)", () => {
    fc.assert(
      fc.property(anyLayers, (layers) => {
        const [first] = bestRoutes(layers, costOfChange);
        if (!first) return;
        const others = everyRoute(layers).filter((route) => isDistinct(route, first));
        const [least] = others.toSorted(byHardest);
        const found = leastHardestDistinctRoute(layers, costOfChange, [first], distinction);
        expect(found && [found.hardest, found.total]).toEqual(
          least ? [least.hardest, least.total] : null,
        );
      }),
      { numRuns: 200 },
    );
  });

  test("what all else of a distinct route costs is never told higher than it is", () => {
    fc.assert(
      fc.property(anyLayers, fc.integer({ min: 0, max: 12 }), (layers, upTo) => {
        const kept = layers.map((stops) => stops.filter(({ cost }) => cost <= upTo));
        const others = bestRoutes(layers, costOfChange, 2);
        const further = layers.map(() => upTo);
        const beside = leastBesideDistinct(kept, further, costOfChange, others, distinction);
        for (const [at, stops] of layers.entries()) {
          for (const stop of stops.filter(({ cost }) => cost > upTo)) {
            const through = bestDistinctRoute(
              layers.with(at, [stop]),
              costOfChange,
              others,
              distinction,
            );
            if (!through) continue;
            expect(stop.cost + (beside[at] ?? NaN)).toBeLessThanOrEqual(through.total + 1e-9);
          }
        }
      }),
      { numRuns: 200 },
    );
  });

  test("routes that agree within groups are the best of those that do", () => {
    fc.assert(
      fc.property(
        anyLayers,
        fc.array(fc.constantFrom("i", "ii", null), { minLength: 5, maxLength: 5 }),
        fc.integer({ min: 1, max: 5 }),
        (layers, names, most) => {
          const coupling: Coupling<Stop> = {
            groups: layers.map((_, at) => names[at] ?? null),
            keyOf: ({ place }) => (place === "d" ? null : place),
          };
          const agrees = ({ stops }: Route<Stop>) =>
            ["i", "ii"].every((name) => {
              const members = stops.filter((_, at) => coupling.groups[at] === name);
              const keys = new Set(members.map(coupling.keyOf));
              return keys.size <= 1 && !keys.has(null);
            });
          const search: RouteSearch<Stop> = (each, count) => bestRoutes(each, costOfChange, count);
          const found = coupledRoutes(layers, coupling, search, byTotal, most);
          const all = mergeRoutes(everyRoute(layers).filter(agrees), byTotal, most);
          expect(found.map(({ total }) => total)).toEqual(all.map(({ total }) => total));
        },
      ),
      { numRuns: 300 },
    );
  });
});
