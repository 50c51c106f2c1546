import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { findGrips } from "@/core/grip";
import { DEFAULT_HAND, handReachMm } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { pitchClass } from "@/core/pitch";
import { VOICINGS, type Voicing } from "@/core/voicing";
import { findNeighbours, type NeighbourKind } from "./neighbours";
import { growVoicing, invertVoicing, shrinkVoicing } from "./voicings";

const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64], frets: 22 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;
const A = { letter: "A", accidental: 0 } as const;
const x = null;

const neighbour = (kind: NeighbourKind, voicing: Voicing, fretting: readonly (number | null)[]) =>
  findNeighbours(neck, A, voicing, fretting).find((each) => each.kind === kind);

describe("neighbours of 5 7 7 x x x, A5 in standard tuning (common practice)", () => {
  const five = [5, 7, 7, x, x, x];

  test.each<[NeighbourKind, Voicing, readonly (number | null)[]]>([
    ["up the neck", [0, 7, 12], [17, 19, 19, x, x, x]],
    ["thinner strings", [0, 7, 12], [x, 0, 2, 2, x, x]],
    ["one note less", [0, 7], [5, 7, x, x, x, x]],
  ])("%s", (kind, voicing, fretting) => {
    expect(neighbour(kind, [0, 7, 12], five)).toMatchObject({ voicing, grip: { fretting } });
  });

  test("there is none down the neck, nor on thicker strings", () => {
    expect(neighbour("down the neck", [0, 7, 12], five)).toBeUndefined();
    expect(neighbour("thicker strings", [0, 7, 12], five)).toBeUndefined();
  });

  test("one note more keeps the degrees and goes on upward", () => {
    expect(neighbour("one note more", [0, 7, 12], five)?.voicing).toEqual([0, 7, 12, 19]);
  });

  test("the inversion of root and fifth has the fifth below", () => {
    expect(neighbour("inversion", [0, 7], [5, 7, x, x, x, x])).toMatchObject({
      voicing: [-5, 0],
      grip: { fretting: [x, 7, 7, x, x, x] },
    });
  });
});

describe("voicings one step away", () => {
  test("inverting takes the lowest tone up", () => {
    expect(invertVoicing([0, 7])).toEqual([-5, 0]);
    expect(invertVoicing([-5, 0])).toEqual([0, 7]);
    expect(invertVoicing([0, 4, 7])).toEqual([-8, -5, 0]);
    expect(invertVoicing([0, 12])).toBeNull();
    expect(invertVoicing([0])).toBeNull();
  });

  test("growing and shrinking are each other's undoing, and degrees stay", () => {
    const voicings = fc.constantFrom(...VOICINGS.map(({ semitones }) => semitones));
    fc.assert(
      fc.property(voicings, (voicing) => {
        const grown = growVoicing(voicing);
        expect(shrinkVoicing(grown)).toEqual(voicing);
        expect(new Set(grown.map(pitchClass))).toEqual(new Set(voicing.map(pitchClass)));
      }),
    );
    expect(shrinkVoicing([0, 7])).toBeNull();
  });
});

test("every neighbour is a grip of its own voicing, within reach", () => {
  for (const { semitones } of VOICINGS.slice(0, 6)) {
    for (const { fretting } of findGrips(neck, A, semitones).slice(0, 5)) {
      for (const { grip, voicing } of findNeighbours(neck, A, semitones, fretting)) {
        expect(grip.midi).toHaveLength(voicing.length);
        expect(grip.best.reachMm).toBeLessThanOrEqual(handReachMm(DEFAULT_HAND));
        expect(grip.fretting).not.toEqual(fretting);
      }
    }
  }
});
