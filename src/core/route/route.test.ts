import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { coupledRoutes, type Coupling } from "./coupledRoutes";
import { bestDistinctRoute, minHardestDistinctRoute } from "./distinctRoutes";
import { minRest } from "./minRest";
import { minRestDistinct, type Distinction } from "./prices";
import { bestRoutes, minHardestRoutes } from "./routes";
import { byHardest, byTotal, mergeRoutes, type RouteSearch } from "./search";
import { type Route, type Stop } from "./stop";
import { costOfChange, everyRoute } from "./testing";

const anyStop: fc.Arbitrary<Stop> = fc.record({
  cost: fc.integer({ min: 0, max: 12 }),
  place: fc.constantFrom("a", "b", "c", "d"),
  position: fc.option(fc.integer({ min: 1, max: 6 }), { nil: null, freq: 4 }),
});

const anyLayers = fc.array(fc.array(anyStop, { minLength: 1, maxLength: 4 }), {
  minLength: 1,
  maxLength: 5,
});

interface Counted {
  readonly way: string;
  readonly total: number;
  readonly hardest: number;
}

/** Every route there is; of the same places the best in the order asked. */
function countOut(
  layers: readonly (readonly Stop[])[],
  isBetter: (a: Counted, b: Counted) => boolean,
): Counted[] {
  const best = new Map<string, Counted>();
  for (const route of everyRoute(layers)) {
    const found = { way: wayOf(route), total: route.total, hardest: route.hardest };
    const known = best.get(found.way);
    if (!known || isBetter(found, known)) best.set(found.way, found);
  }
  return [...best.values()].sort((a, b) => (isBetter(a, b) ? -1 : isBetter(b, a) ? 1 : 0));
}

const isCheaper = (a: Counted, b: Counted) => a.total < b.total;
const isEasier = (a: Counted, b: Counted) =>
  a.hardest < b.hardest || (a.hardest === b.hardest && a.total < b.total);
const wayOf = ({ stops }: Route<Stop>) => stops.map(({ place }) => place).join(";");

describe("held against counting out every route", () => {
  test("the best so many have the least totals, each through other places", () => {
    fc.assert(
      fc.property(anyLayers, fc.integer({ min: 1, max: 6 }), (layers, max) => {
        const found = bestRoutes(layers, costOfChange, max);
        const all = countOut(layers, isCheaper).slice(0, max);
        expect(found.map(({ total }) => total)).toEqual(all.map(({ total }) => total));
        expect(new Set(found.map(wayOf)).size).toBe(found.length);
      }),
      { numRuns: 400 },
    );
  });

  test("the least hardest come in the order of (hardest, total)", () => {
    fc.assert(
      fc.property(anyLayers, fc.integer({ min: 1, max: 5 }), (layers, max) => {
        const found = minHardestRoutes(layers, costOfChange, max);
        const all = countOut(layers, isEasier).slice(0, max);
        expect(found.map(({ hardest, total }) => [hardest, total])).toEqual(
          all.map(({ hardest, total }) => [hardest, total]),
        );
        expect(new Set(found.map(wayOf)).size).toBe(found.length);
      }),
      { numRuns: 300 },
    );
  });

  test("what all else costs is never told higher than it is, whatever is left out", () => {
    fc.assert(
      fc.property(anyLayers, fc.integer({ min: 0, max: 12 }), (layers, upTo) => {
        const kept = layers.map((stops) => stops.filter(({ cost }) => cost <= upTo));
        const beside = minRest(
          kept,
          layers.map(() => upTo),
          costOfChange,
        );
        for (const [at, stops] of layers.entries()) {
          for (const stop of stops) {
            const through = bestRoutes(layers.with(at, [stop]), costOfChange)[0]?.total ?? NaN;
            expect(stop.cost + (beside[at] ?? NaN)).toBeLessThanOrEqual(through + 1e-9);
          }
        }
      }),
      { numRuns: 300 },
    );
  });
});

test("two fingerings of one place are one way, also where a limit leaves others out", () => {
  const stop = (place: string, position: number, cost: number): Stop => ({ place, position, cost });
  const layers = [
    [stop("a", 1, 0), stop("a", 2, 1), stop("b", 1, 2), stop("c", 6, 0)],
    [stop("d", 1, 0), stop("e", 2, 0)],
  ];
  const found = minHardestRoutes(layers, costOfChange, 4);
  expect(new Set(found.map(wayOf)).size).toBe(4);
});

test("a route's total is the sum of its stops and changes", () => {
  fc.assert(
    fc.property(anyLayers, (layers) => {
      const [route] = bestRoutes(layers, costOfChange);
      let hand: Stop | null = null;
      let total = 0;
      for (const [at, stop] of (route?.stops ?? []).entries()) {
        const before = route?.stops[at - 1];
        total += stop.cost + (before ? costOfChange(before, hand, stop) : 0);
        if (stop.position !== null) hand = stop;
      }
      expect(route?.total).toBeCloseTo(total, 9);
    }),
  );
});

test("without a way to play a chord there is no route; without chords there is none either", () => {
  const stop = { cost: 1, place: "a", position: null };
  expect(bestRoutes([[stop], []], costOfChange)).toEqual([]);
  expect(bestRoutes([], costOfChange)).toEqual([]);
  expect(minHardestRoutes([[stop], []], costOfChange)).toEqual([]);
});

const distinction: Distinction<Stop> = {
  areDifferent: (a, b) => a.place !== b.place,
  share: 1 / 3,
};

function isDistinct(route: Route<Stop>, other: Route<Stop>): boolean {
  const different = route.stops.filter(({ place }, at) => place !== other.stops[at]?.place);
  return 3 * different.length >= route.stops.length;
}

describe("distinct and coupled routes, held against counting out every route", () => {
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
        const [min] = others.toSorted(byHardest);
        const found = minHardestDistinctRoute(layers, costOfChange, [first], distinction);
        expect(found && [found.hardest, found.total]).toEqual(
          min ? [min.hardest, min.total] : null,
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
        const beside = minRestDistinct(kept, further, costOfChange, others, distinction);
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
        (layers, names, max) => {
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
          const found = coupledRoutes(layers, coupling, search, byTotal, max);
          const all = mergeRoutes(everyRoute(layers).filter(agrees), byTotal, max);
          expect(found.map(({ total }) => total)).toEqual(all.map(({ total }) => total));
        },
      ),
      { numRuns: 300 },
    );
  });
});
