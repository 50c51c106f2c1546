import { expect, test } from "@jest/globals";
import fc from "fast-check";
import { travelMm } from "../motion";
import { bestRoute, type Stop } from ".";

const anyStop: fc.Arbitrary<Stop> = fc.record({
  cost: fc.double({ min: 0, max: 30, noNaN: true }),
  position: fc.option(
    fc.integer({ min: 1, max: 12 }).map((fret) => ({ fret, mm: 30 * fret })),
    { nil: null },
  ),
});

/** What a route costs, added up by hand: one point a shift and a twentieth of a point a mm. */
function costOf(stops: readonly Stop[]): number {
  let hand: Stop["position"] = null;
  let cost = 0;
  for (const stop of stops) {
    cost += stop.cost;
    if (hand && stop.position && hand.fret !== stop.position.fret) {
      cost += 1 + 0.05 * travelMm(hand, stop.position);
    }
    hand = stop.position ?? hand;
  }
  return cost;
}

test("the best route is the best of all routes, and costs what its parts do", () => {
  const ways = fc.array(fc.array(anyStop, { minLength: 1, maxLength: 4 }), {
    minLength: 1,
    maxLength: 5,
  });
  fc.assert(
    fc.property(ways, (layers) => {
      const all = layers.reduce<Stop[][]>(
        (routes, stops) => routes.flatMap((route) => stops.map((stop) => [...route, stop])),
        [[]],
      );
      const route = bestRoute(layers);
      expect(route?.cost).toBeCloseTo(Math.min(...all.map(costOf)), 9);
      expect(route?.cost).toBeCloseTo(costOf(route?.stops ?? []), 9);
    }),
  );
});

test("an open grip between two others leaves the hand where it was", () => {
  const at = (fret: number | null): Stop => ({
    cost: 1,
    position: fret === null ? null : { fret, mm: 30 * fret },
  });
  const route = bestRoute([[at(5)], [at(null)], [at(7)]]);
  expect(route).toMatchObject({ travelMm: 60, shifts: 1 });
  expect(bestRoute([[at(5)], [at(null)], [at(5)]])).toMatchObject({ travelMm: 0, shifts: 0 });
});

test("without a way to play a chord there is no route; without chords there is none either", () => {
  expect(bestRoute([[{ cost: 1, position: null }], []])).toBeNull();
  expect(bestRoute([])).toBeNull();
});
