import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { countChords, DEFAULT_CHORD_OPTIONS, readProgression } from "@/core/chart";
import { findChordGrips } from "@/core/chordGrips";
import { soundingMidi } from "@/core/fretting";
import { DEFAULT_WEIGHTS, soundCost, weighGrip, type Weights } from "@/core/gripSearch";
import { type Player } from "@/core/hand";
import { makeNeck, retuneNeck, stringScaleMm, type Neck } from "@/core/neck";
import { DEFAULT_TENSION_LIMITS } from "@/core/strings";
import { TUNINGS, usualMidi } from "@/core/tuning";
import { retuningPoints } from "./retuning";
import {
  makeSearchSpace,
  NO_SEARCH_LIMITS,
  type SearchLimits,
  type SearchSpace,
} from "./searchSpace";
import { searchTunings, type SearchProgress, type SearchRequest } from "./searchTunings";

const STANDARD = usualMidi(6);
const MOST = 20;

const neckOf = (midi: readonly number[], frets = 12): Neck => {
  const neck = makeNeck({ midi, frets });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};

const chordsOf = (text: string) => {
  const read = readProgression(text, DEFAULT_CHORD_OPTIONS);
  if (!read.ok) throw new Error(read.problem.message);
  return countChords(read.value);
};

const spaceOf = (
  from: readonly number[],
  limits: Partial<SearchLimits> = {},
  others: readonly (readonly number[])[] = [],
): SearchSpace => {
  const space = makeSearchSpace(from, { ...NO_SEARCH_LIMITS, ...limits }, others);
  if (!space.ok) throw new Error(space.problem.message);
  return space.value;
};

/** Every tuning that the strings' pitches make, counted out one by one. */
function tuningsOf({ from, perString, maxTurned, others }: SearchSpace): number[][] {
  const all = perString.reduce<number[][]>(
    (rows, pitches) => rows.flatMap((row) => pitches.map((midi) => [...row, midi])),
    [[]],
  );
  const near = all.filter(
    (midi) => midi.filter((pitch, string) => pitch !== from[string]).length <= maxTurned,
  );
  return [...near, ...others.map((midi) => [...midi])];
}

/** A tuning's score by enumerating every grip of every chord in it. */
function scoreFromScratch(
  { neck, player, chords, weights, space }: SearchRequest,
  midi: readonly number[],
): number {
  const tuned = retuneNeck(neck, midi);
  const costs = chords.map(({ chord, times }) => {
    const each = findChordGrips(tuned, chord, player).map(({ fretting, best, preference }) => {
      const sound = soundCost(fretting, soundingMidi(tuned, fretting), weights);
      return weighGrip(best.effort, preference.points, sound, weights);
    });
    return times * Math.min(...each);
  });
  return (
    costs.reduce((sum, cost) => sum + cost, 0) + weights.retuning * retuningPoints(space.from, midi)
  );
}

function search(request: SearchRequest) {
  const reports: SearchProgress[] = [];
  const run = searchTunings(request);
  for (let step = run.next(); ; step = run.next()) {
    if (step.done) return { found: step.value, reports };
    reports.push(step.value);
  }
}

const WEIGHTS: readonly Weights[] = [
  DEFAULT_WEIGHTS,
  { ease: 1, usual: 0, low: 1, clear: 0.5, ringing: 2, retuning: 0.5 },
  { ease: 1, usual: 2, low: 0.5, clear: 0, ringing: 1, retuning: 1 },
  { ease: 0.3, usual: 0.4, low: 0, clear: 2, ringing: 0, retuning: 0 },
];

describe("a search finds what counting out every tuning finds", () => {
  const check = (request: SearchRequest) => {
    const { found } = search(request);
    const all = tuningsOf(request.space)
      .map((midi) => scoreFromScratch(request, midi))
      .filter((score) => score < Infinity)
      .sort((a, b) => a - b);
    expect(found).toHaveLength(Math.min(MOST, all.length));
    for (const [place, { midi, score }] of found.entries()) {
      expect(score).toBeCloseTo(all[place] ?? NaN, 6);
      expect(scoreFromScratch(request, midi)).toBeCloseTo(score, 6);
    }
  };

  test("for power chords and for chords in free mode, whatever counts", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("D5 F5 C5", "A5 E5 A5", "D Am", "G/B C7", "Dsus4 D5/A"),
        fc.constantFrom(...WEIGHTS),
        fc.constantFrom<Player>({}, { school: "ring barre" }),
        fc.array(fc.integer({ min: -2, max: 2 }), { minLength: 4, maxLength: 4 }),
        fc.option(fc.integer({ min: 1, max: 4 }), { nil: null }),
        (text, weights, player, steps, maxTurned) => {
          const from = steps.map((step, string) => (STANDARD[string] ?? 0) + step);
          const space = spaceOf(from, { up: 1, down: 1, maxTurned });
          check({
            neck: neckOf(from),
            player,
            chords: chordsOf(text),
            weights,
            space,
            max: MOST,
            onlyGainful: false,
          });
        },
      ),
      { numRuns: 10 },
    );
  }, 120_000);

  test("six strings, with the catalogue beside", () => {
    const others = TUNINGS.map(({ midi }) => midi);
    const space = spaceOf(STANDARD, { up: 0, down: 2, maxTurned: 2 }, others);
    const chords = chordsOf("D5 F5 C5 Bb5 D5");
    check({
      neck: neckOf(STANDARD, 24),
      player: {},
      chords,
      weights: DEFAULT_WEIGHTS,
      space,
      max: MOST,
      onlyGainful: false,
    });
  }, 120_000);

  test("behind a capo, where all sounds higher", () => {
    const from = STANDARD.slice(0, 4);
    const made = makeNeck({ midi: from, frets: 12, capo: 3 });
    if (!made.ok) throw new Error(made.problem.message);
    const weights = { ...DEFAULT_WEIGHTS, low: 1 };
    const space = spaceOf(from, { up: 1, down: 1 });
    const request = { neck: made.value, player: {}, chords: chordsOf("G5 Dm"), weights, space };
    check({ ...request, max: MOST, onlyGainful: false });
  }, 60_000);

  test("a voicing of more tones than strings is found nowhere", () => {
    const read = readProgression("D5", {
      ...DEFAULT_CHORD_OPTIONS,
      powerChordVoicing: [0, 7, 12, 19, 24],
    });
    const chords = read.ok ? countChords(read.value) : [];
    const from = STANDARD.slice(0, 4);
    const request = {
      neck: neckOf(from),
      player: {},
      chords,
      weights: DEFAULT_WEIGHTS,
      max: MOST,
      onlyGainful: false,
    };
    expect(search({ ...request, space: spaceOf(from) }).found).toEqual([]);
  });

  test("left to strings that gain something, the best of those that do", () => {
    for (const [text, weights] of [
      ["D5 F5 C5", WEIGHTS[0]],
      ["Dm Gsus4", WEIGHTS[1]],
    ] as const) {
      if (!weights) throw new Error();
      const from = STANDARD.slice(0, 4);
      const space = spaceOf(from, { up: 1, down: 2 });
      const request = { neck: neckOf(from), player: {}, chords: chordsOf(text), weights, space };
      const chordCosts = new Map(
        tuningsOf(space).map((midi) => {
          const score = scoreFromScratch({ ...request, max: MOST, onlyGainful: false }, midi);
          return [midi.join(), score - weights.retuning * retuningPoints(from, midi)] as const;
        }),
      );
      const costOf = (midi: readonly number[]) => chordCosts.get(midi.join()) ?? NaN;
      const gainful = tuningsOf(space).filter((midi) =>
        midi.every(
          (pitch, string) =>
            pitch === from[string] ||
            costOf(midi.with(string, from[string] ?? 0)) > costOf(midi) + 1e-6,
        ),
      );
      const scores = gainful
        .map((midi) => costOf(midi) + weights.retuning * retuningPoints(from, midi))
        .filter((score) => score < Infinity)
        .sort((a, b) => a - b);
      const { found } = search({ ...request, max: MOST, onlyGainful: true });
      expect(found).toHaveLength(Math.min(MOST, scores.length));
      for (const [place, { score }] of found.entries()) {
        expect(score).toBeCloseTo(scores[place] ?? NaN, 6);
      }
    }
  }, 60_000);

  test("tells how far it is, and the best so far never gets worse", () => {
    const { reports } = search({
      neck: neckOf(STANDARD),
      player: {},
      chords: chordsOf("D5 G5"),
      weights: DEFAULT_WEIGHTS,
      space: spaceOf(STANDARD),
      max: MOST,
      onlyGainful: false,
    });
    const shares = reports.map(({ share }) => share);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    expect(shares.at(-1)).toBeCloseTo(1, 9);
    const firsts = reports.map(({ best }) => best[0]?.score ?? Infinity);
    expect([...firsts].sort((a, b) => b - a)).toEqual(firsts);
  });
});

describe("what is searched", () => {
  test("every tuning within the limits, counted beforehand", () => {
    expect(spaceOf(STANDARD).size).toBe(5 ** 6);
    expect(spaceOf(STANDARD, { maxTurned: 1 }).size).toBe(1 + 6 * 4);
    expect(spaceOf(STANDARD, { movable: [0, 5] }).size).toBe(25);
    expect(spaceOf(STANDARD, { lowest: 40 }).perString[0]).toEqual([40, 41, 42]);
  });

  test("strings within their tension: none wound above what it is made for, none slack", () => {
    const neck = neckOf(STANDARD);
    const scalesMm = STANDARD.map((_, string) => stringScaleMm(neck, string));
    const guitar = { usualMidi: STANDARD, scalesMm, frets: 22 };
    const tension = { guitar, limits: DEFAULT_TENSION_LIMITS };
    const { perString } = spaceOf(STANDARD, { up: 2, down: 4, tension });
    // Two semitones down leave 79.4 % of the tension, three 70.7 % (common check).
    expect(perString[0]).toEqual([40, 38, 39]);
  });

  test("of the catalogue only what has as many strings and is not there already", () => {
    const dropD = [38, ...STANDARD.slice(1)];
    const openG = [38, 43, 50, 55, 59, 62];
    const openC = [36, 43, 48, 55, 60, 64];
    const { others } = spaceOf(STANDARD, {}, [dropD, openG, openC, openC, usualMidi(7)]);
    expect(others).toEqual([openC]);
    expect(spaceOf(STANDARD, { maxTurned: 3 }, [openC]).others).toEqual([]);
  });

  test("what would be too large is said beforehand, with its size and what to limit", () => {
    const far = makeSearchSpace(usualMidi(8), { ...NO_SEARCH_LIMITS, up: 4, down: 4 });
    expect(far).toMatchObject({
      ok: false,
      problem: { field: "within", message: expect.stringMatching(/43,046,721 tunings.*fewer/) },
    });
    expect(makeSearchSpace(STANDARD, { ...NO_SEARCH_LIMITS, up: -1 })).toMatchObject({
      ok: false,
      problem: { field: "limits.up" },
    });
    expect(makeSearchSpace(STANDARD, { ...NO_SEARCH_LIMITS, movable: [0, 6] })).toMatchObject({
      ok: false,
      problem: { field: "limits.strings", message: expect.stringMatching(/^6: .* to 5$/) },
    });
  });
});
