import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { DEFAULT_CHORD_OPTIONS, readProgression, type Chord } from "@/core/chart";
import { findChordGrips } from "@/core/chordGrips";
import { soundingMidi } from "@/core/fretting";
import { type Taste } from "@/core/grip";
import { DEFAULT_HAND } from "@/core/hand";
import { makeNeck, type Neck, type NeckInput } from "@/core/neck";
import { tiltOfWish, WITH_BASS } from "@/core/preference";
import { usualMidi } from "@/core/tuning";
import {
  DEFAULT_WEIGHTS,
  makeGripSearch,
  makePitchTree,
  soundCost,
  tuningAt,
  weighGrip,
  type Weights,
} from "./index";

const STANDARD = usualMidi(6);

const neckOf = (input: NeckInput): Neck => {
  const neck = makeNeck(input);
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};

const chordsOf = (text: string, minNotes = 3): readonly Chord[] => {
  const read = readProgression(text, { ...DEFAULT_CHORD_OPTIONS, minNotes });
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};

/** What every grip of a chord costs, by full enumeration. */
function costsFromScratch(neck: Neck, chord: Chord, player: Taste, weights: Weights): number[] {
  return findChordGrips(neck, chord, player)
    .map(({ fretting, best, preference }) => {
      const sound = soundCost(fretting, soundingMidi(neck, fretting), weights);
      return weighGrip(best.effort, preference.points, sound, weights);
    })
    .sort((a, b) => a - b);
}

function product(lists: readonly (readonly unknown[])[]): number {
  return lists.reduce((count, { length }) => count * length, 1);
}

function expectClose(found: Float64Array, expected: Float64Array): void {
  expect(found).toHaveLength(expected.length);
  for (const [index, cost] of expected.entries()) expect(found[index]).toBeCloseTo(cost, 9);
}

const ALL_COUNT: Weights = { ease: 1, usual: 0.7, low: 0.5, clear: 1, ringing: 2, retuning: 1 };

describe("the cheapest grips are those of the full enumeration", () => {
  const players: readonly Taste[] = [
    {},
    { school: "ring barre" },
    { school: "index and little", hand: { ...DEFAULT_HAND, spanMm: 130, without: [] } },
    { school: "thumb allowed", hand: { ...DEFAULT_HAND, spanMm: 170, without: [] } },
    { hand: { ...DEFAULT_HAND, spanMm: 150, without: [4, "barre"] } },
    { tilts: [WITH_BASS, tiltOfWish("ringing")] },
    { tilts: [tiltOfWish("high"), { name: "pins", perFret: 0.3, perOpenString: 1 }] },
  ];
  const texts = [
    "D5",
    "Bb5",
    "F",
    "C#m",
    "D/F#",
    "C/B",
    "A7",
    "Gsus4",
    "Em7",
    "G13",
    "Bm7b5",
    "C9",
  ];

  test("in any tuning, hand, school and weights", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -3, max: 3 }), { minLength: 4, maxLength: 6 }),
        fc.constantFrom(...texts),
        fc.constantFrom(...players),
        fc.constantFrom<Weights>(DEFAULT_WEIGHTS, ALL_COUNT, { ...ALL_COUNT, ease: 0 }),
        fc.boolean(),
        (steps, text, player, weights, isFanned) => {
          const midi = steps.map((step, string) => (STANDARD[string] ?? 0) + step);
          const neck = neckOf({ midi, frets: 12, trebleScaleMm: isFanned ? 600 : 648 });
          // The search is made for another tuning of the same neck.
          const other = neckOf({ ...neck, midi: STANDARD.slice(0, midi.length), frets: 12 });
          const [chord] = chordsOf(text);
          if (!chord) throw new Error(text);
          const found = makeGripSearch(other, player, weights).cheapest(midi, chord, 4);
          const all = costsFromScratch(neck, chord, player, weights);
          expect(found).toHaveLength(Math.min(4, all.length));
          for (const [place, { cost }] of found.entries()) {
            expect(cost).toBeCloseTo(all[place] ?? NaN, 9);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  test("on exactly some strings the least cost in each of several tunings is that of the full enumeration", () => {
    fc.assert(
      fc.property(
        fc.array(fc.uniqueArray(fc.integer({ min: -3, max: 3 }), { minLength: 1, maxLength: 2 }), {
          minLength: 4,
          maxLength: 5,
        }),
        fc.constantFrom("D5", "F", "C#m", "A7", "G13", "Em7", "D/F#"),
        fc.integer({ min: 1, max: 31 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (steps, text, mask, over) => {
          const [chord] = chordsOf(text);
          if (!chord) throw new Error(text);
          const playing = steps.map((_, string) => ((mask >> string) & 1) === 1);
          const pitches = steps.map((each, string) =>
            each.map((step) => (STANDARD[string] ?? 0) + step),
          );
          const codes = Float64Array.from({ length: product(pitches) }, (_, code) => code);
          const tree = makePitchTree(pitches, codes);
          const min = Float64Array.from(codes, (tuning) => {
            const costs = findChordGrips(neckOf({ midi: tuningAt(tree, tuning), frets: 14 }), chord)
              .filter(({ fretting }) =>
                fretting.every((fret, string) => (fret !== null) === playing[string]),
              )
              .map(({ best, preference }) => best.effort + preference.points);
            return Math.min(Infinity, ...costs);
          });
          const neck = neckOf({ midi: pitches.map(([first = 0]) => first), frets: 14 });
          const search = makeGripSearch(neck, {}, DEFAULT_WEIGHTS);
          const anything = min.map(() => Infinity);
          expectClose(search.minOn(tree, chord, playing, anything), min);
          expectClose(
            search.minOn(
              tree,
              chord,
              playing,
              min.map((cost) => cost + over),
            ),
            min,
          );
          const [first = 0] = min;
          const onlyFirst = min.map((_, tuning) => (tuning === 0 ? first : -Infinity));
          expect(search.minOn(tree, chord, playing, onlyFirst)[0]).toBeCloseTo(first, 9);
        },
      ),
      { numRuns: 100 },
    );
  });

  test("a limit leaves out what costs more and nothing else", () => {
    const neck = neckOf({ midi: STANDARD });
    const [chord] = chordsOf("G5");
    if (!chord) throw new Error();
    const all = costsFromScratch(neck, chord, {}, DEFAULT_WEIGHTS);
    const limit = 20;
    const found = makeGripSearch(neck, {}, DEFAULT_WEIGHTS).cheapest(
      STANDARD,
      chord,
      Infinity,
      limit,
    );
    expect(found).toHaveLength(all.filter((cost) => cost <= limit).length);
  });
});

test("a voicing is found whatever the order of its tones", () => {
  const neck = neckOf({ midi: STANDARD, frets: 15 });
  const [five] = chordsOf("C5");
  if (!five) throw new Error();
  const search = makeGripSearch(neck, {}, DEFAULT_WEIGHTS);
  const frettings = (voicing: readonly number[]) =>
    search
      .cheapest(STANDARD, { ...five, tones: { kind: "voicing", voicing } }, 4)
      .map(({ fretting }) => fretting);
  expect(frettings([12, 0, 7])).toEqual(frettings([0, 7, 12]));
});
