import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { leastBeside } from "./leastBeside";
import { bestRoutes, leastHardestRoutes } from "./routes";
import { type Route, type Stop } from "./stop";
import { anyLayers, costOfChange, everyRoute } from "./testing";

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

const byTotal = (a: Counted, b: Counted) => a.total < b.total;
const byHardest = (a: Counted, b: Counted) =>
  a.hardest < b.hardest || (a.hardest === b.hardest && a.total < b.total);
const wayOf = ({ stops }: Route<Stop>) => stops.map(({ place }) => place).join(";");

describe("held against counting out every route", () => {
  test("the best so many have the least totals, each through other places", () => {
    fc.assert(
      fc.property(anyLayers, fc.integer({ min: 1, max: 6 }), (layers, most) => {
        const found = bestRoutes(layers, costOfChange, most);
        const all = countOut(layers, byTotal).slice(0, most);
        expect(found.map(({ total }) => total)).toEqual(all.map(({ total }) => total));
        expect(new Set(found.map(wayOf)).size).toBe(found.length);
      }),
      { numRuns: 400 },
    );
  });

  test("the least hardest come in the order of (hardest, total)", () => {
    fc.assert(
      fc.property(anyLayers, fc.integer({ min: 1, max: 5 }), (layers, most) => {
        const found = leastHardestRoutes(layers, costOfChange, most);
        const all = countOut(layers, byHardest).slice(0, most);
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
        const beside = leastBeside(
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
  const found = leastHardestRoutes(layers, costOfChange, 4);
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
  expect(leastHardestRoutes([[stop], []], costOfChange)).toEqual([]);
});
