import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import {
  countChords,
  DEFAULT_CHORD_OPTIONS,
  findChordGrips,
  readProgression,
  type Chord,
} from "../chart";
import { soundingMidi } from "../fretting";
import { type Taste } from "../grip";
import { DEFAULT_HAND } from "../hand";
import { tiltOfWish, WITH_BASS } from "../preference";
import { makeNeck, type Neck, type NeckInput } from "../neck";
import { nameTuning, usualMidi } from "../tuning";
import {
  countGrips,
  DEFAULT_WEIGHTS,
  makeGripSearch,
  soundCost,
  suggestTuning,
  weighGrip,
  weighTuning,
  type Weights,
} from ".";

const STANDARD = usualMidi(6);
const DROP_D = [38, 45, 50, 55, 59, 64];

const neckOf = (input: NeckInput): Neck => {
  const neck = makeNeck(input);
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};

const chordsOf = (text: string, leastNotes = 3): readonly Chord[] => {
  const read = readProgression(text, { ...DEFAULT_CHORD_OPTIONS, leastNotes });
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
  const texts = ["D5", "Bb5", "F", "C#m", "D/F#", "C/B", "A7", "Gsus4", "Em7"];

  test("in any tuning, hand, school and weights", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -3, max: 3 }), { minLength: 4, maxLength: 5 }),
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

test("a stack is found whatever the order of its tones", () => {
  const neck = neckOf({ midi: STANDARD, frets: 15 });
  const [five] = chordsOf("C5");
  if (!five) throw new Error();
  const search = makeGripSearch(neck, {}, DEFAULT_WEIGHTS);
  const frettings = (stack: readonly number[]) =>
    search
      .cheapest(STANDARD, { ...five, tones: { kind: "stack", stack } }, 4)
      .map(({ fretting }) => fretting);
  expect(frettings([12, 0, 7])).toEqual(frettings([0, 7, 12]));
});

describe("some chords in two tunings", () => {
  const chords = countChords(chordsOf("D5 F5 D5 C5"));
  const inTuning = (midi: readonly number[], weights = DEFAULT_WEIGHTS) => {
    const neck = neckOf({ midi, frets: 22 });
    return weighTuning(makeGripSearch(neck, {}, weights), neck, chords, {}, 3);
  };

  test("drop D plays fives with one finger, lower, and for less effort (common practice)", () => {
    const [standard, dropped] = [inTuning(STANDARD), inTuning(DROP_D)];
    expect(dropped.chords[0]?.grips[0]?.grip.fretting).toEqual([0, 0, 0, null, null, null]);
    expect(dropped.totals?.oneFinger).toBe(3);
    expect(standard.totals?.oneFinger).toBeLessThan(3);
    expect(dropped.totals?.lowest).toBe(38);
    expect(dropped.totals?.effort).toBeLessThan(0.7 * (standard.totals?.effort ?? 0));
  });

  test("a chord that is played twice counts twice", () => {
    const { chords: weighed, totals } = inTuning(STANDARD);
    expect(weighed.map(({ times }) => times)).toEqual([2, 1, 1]);
    const sum = weighed.reduce(
      (all, { grips, times }) => all + times * (grips[0]?.grip.best.effort ?? NaN),
      0,
    );
    expect(totals?.effort).toBeCloseTo(sum, 9);
  });

  test("weights change what is best: whoever wants it low gets it lower", () => {
    const low = inTuning(STANDARD, { ...DEFAULT_WEIGHTS, usual: 0, low: 3 });
    const plain = inTuning(STANDARD, { ...DEFAULT_WEIGHTS, usual: 0 });
    const lowestOf = (weighed: typeof low) =>
      Math.min(...(weighed.chords[1]?.grips[0]?.grip.midi ?? []));
    expect(lowestOf(low)).toBeLessThan(lowestOf(plain));
  });

  test("without a grip for each chord there are no totals", () => {
    const neck = neckOf({ midi: [40] });
    expect(weighTuning(makeGripSearch(neck, {}, DEFAULT_WEIGHTS), neck, chords, {}, 3).totals).toBe(
      null,
    );
  });
});

describe("counting", () => {
  const [five] = chordsOf("D5");
  if (!five) throw new Error();

  test("counts are those of the list of all grips", () => {
    const neck = neckOf({ midi: DROP_D });
    const all = findChordGrips(neck, five);
    expect(countGrips(neck, five)).toEqual({
      playable: all.length,
      oneFinger: all.filter(
        ({ best }) => new Set(best.fingers).size <= 2 && best.presses.length < 2,
      ).length,
      strumSafe: all.filter(({ best }) => best.damping.strumSafe).length,
      ringing: all.filter(({ fretting }) => fretting.includes(0)).length,
      lowest: 38,
      highest: Math.max(...all.flatMap(({ midi }) => midi)),
    });
  });

  test("more than anyone could count is said so", () => {
    const [seventh] = chordsOf("C7");
    const neck = neckOf({ midi: usualMidi(10), frets: 24 });
    expect(seventh && countGrips(neck, seventh)).toBeNull();
  }, 60_000);
});

// A capo shortens the strings and nothing else: rule of the twelfth root of two.
test("a capo at c is a neck of scale L 2^(-c/12), tuned c higher, with c frets less", () => {
  const capo = 3;
  const scaleMm = 648;
  const withCapo = neckOf({ midi: STANDARD, frets: 15, scaleMm, capo });
  const share = 1 - 2 ** (-capo / 12);
  const nutMm = withCapo.nutMm + (withCapo.bridgeMm - withCapo.nutMm) * share;
  const short = neckOf({
    midi: STANDARD.map((midi) => midi + capo),
    frets: 15 - capo,
    scaleMm: scaleMm * 2 ** (-capo / 12),
    nutMm,
    bridgeMm: withCapo.bridgeMm,
  });
  for (const chord of chordsOf("E5 A5 Dm G7")) {
    const [a, b] = [withCapo, short].map((neck) =>
      findChordGrips(neck, chord)
        // Above the capoed neck's body the arm reaches further than on the short neck.
        .filter(({ fretting }) => fretting.every((fret) => (fret ?? 0) <= 12 - capo))
        .map(({ fretting, best }) => [fretting.join(), best.effort] as const)
        .sort(([left], [right]) => left.localeCompare(right)),
    );
    expect(a?.map(([frets]) => frets)).toEqual(b?.map(([frets]) => frets));
    for (const [index, [, effort]] of (a ?? []).entries()) {
      expect(effort).toBeCloseTo(b?.[index]?.[1] ?? NaN, 6);
    }
  }
}, 30_000);

describe("the tuning to hold beside the present one", () => {
  test("from anywhere, the guitar's usual tuning; from there, its drop", () => {
    expect(suggestTuning(DROP_D, STANDARD).name).toBe("Standard");
    expect(suggestTuning(STANDARD, STANDARD).name).toBe("Drop D");
    expect(suggestTuning(usualMidi(7), usualMidi(7)).name).toBe("7-string drop A");
    expect(suggestTuning(usualMidi(9), usualMidi(9)).midi[0]).toBe(23);
    expect(nameTuning(DROP_D).name).toBe("Drop D");
  });
});
