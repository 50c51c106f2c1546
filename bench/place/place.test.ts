import { describe, expect, test } from "@jest/globals";
import { alongReachMm, soundingMidi } from "@/core/fretting";
import { DEFAULT_HAND, handReachMm } from "@/core/hand";
import { pitchClass, pitchClassOf } from "@/core/pitch";
import { placeCase, rejectedPlaces, VOICING_TRAITS, type PlaceCase } from "./chordCases";
import { CHORD_KINDS } from "./chordKinds";
import { fitPlaces, placeAgreement, sumsOf } from "./fitPlaces";
import { labelledPlaces } from "./labelledPlaces";
import { PROGRESSIONS } from "./progressions";

const places = labelledPlaces();

describe("labelled places", () => {
  test("there are at least 300, in twelve tunings, and each sounds its stack on its root", () => {
    expect(places.length).toBeGreaterThanOrEqual(300);
    expect(new Set(places.map(({ tuning }) => tuning)).size).toBe(12);
    for (const { neck, root, voicing, accepted } of places) {
      for (const fretting of accepted) {
        const pitches = [...soundingMidi(neck, fretting)].sort((a, b) => a - b);
        const rootMidi = (pitches[0] ?? 0) - (voicing[0] ?? 0);
        expect(pitchClass(rootMidi)).toBe(pitchClassOf(root));
        expect(pitches.map((midi) => midi - rootMidi)).toEqual([...voicing]);
      }
    }
  });

  test("what came to mind the second time is among the accepted", () => {
    for (const { accepted, second } of places) expect(accepted).toContainEqual(second);
  });

  test("Tenon puts an accepted one first, but for stretches that few hands hold", () => {
    const rejected = rejectedPlaces(places);
    expect(rejected.length).toBeLessThan(0.03 * places.length);
    for (const { neck, accepted } of rejected) {
      const [lowest = []] = accepted;
      expect(alongReachMm(neck, lowest)).toBeGreaterThan(0.9 * handReachMm(DEFAULT_HAND));
    }
  }, 60_000);
});

test("there are at least 40 progressions, each with a route for every chord", () => {
  const lines = PROGRESSIONS.trim().split("\n");
  expect(lines.length).toBeGreaterThanOrEqual(40);
  for (const line of lines) {
    const [, chords = "", routes = ""] = line.split("; ");
    for (const route of routes.split(" | ")) {
      expect(route.split(" ")).toHaveLength(chords.split(" ").length);
    }
  }
});

test("what a kind of chord requires is allowed", () => {
  for (const [allowed, required] of Object.values(CHORD_KINDS)) {
    expect(allowed).toEqual(expect.arrayContaining([...required]));
    expect(allowed).toContain(0);
  }
});

describe("the fit", () => {
  /** Two frettings each, of which the one is given that has less of the first trait. */
  const cases = Array.from({ length: 12 }, (_, index): PlaceCase => {
    const amounts = new Float32Array([index % 3, 1, 4 + (index % 2), 1]);
    return {
      name: String(index),
      root: index,
      kind: "made up",
      frettings: [[0], [1]],
      efforts: Float64Array.from([10, 6]),
      given: Uint8Array.from([2, 0]),
      givenCount: 1,
      amounts,
    };
  });
  const atLeastZero = [0, 1].map(() => [0, Infinity] as const);
  const unbound = [0, 1].map(() => [-Infinity, Infinity] as const);
  const options = { firstShare: 0.5, pull: 1e-3, rounds: 150, start: [0, 0] };

  test("finds the trait that tells the given from the others, and leaves what tells nothing", () => {
    const { weights } = fitPlaces(cases, { ...options, bounds: atLeastZero });
    expect(weights[0]).toBeGreaterThan(1);
    expect(Math.abs(weights[1] ?? NaN)).toBeLessThan(0.2);
    expect(placeAgreement(cases, weights)).toMatchObject({ anyFirst: 1, usualFirst: 1 });
    expect(placeAgreement(cases, [0, 0])).toMatchObject({ anyFirst: 0, anyInThree: 1 });
  });

  test("no weight falls below 0 where it may not", () => {
    const turned = cases.map((example) => ({ ...example, given: Uint8Array.from([0, 2]) }));
    const kept = fitPlaces(turned, { ...options, bounds: atLeastZero });
    const free = fitPlaces(turned, { ...options, bounds: unbound });
    expect(kept.weights[0]).toBe(0);
    expect(free.weights[0]).toBeLessThanOrEqual(0);
  });

  test("a case counts the very traits that the preference weighs", () => {
    const [place] = places;
    if (!place) throw new Error();
    const example = placeCase(place);
    const none = sumsOf(
      example,
      VOICING_TRAITS.map(() => 0),
    );
    expect([...none]).toEqual([...example.efforts]);
    expect(example.amounts).toHaveLength(example.frettings.length * VOICING_TRAITS.length);
  });
});
