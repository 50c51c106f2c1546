import { describe, expect, test } from "@jest/globals";
import { countChords, DEFAULT_CHORD_OPTIONS, readProgression, type Chord } from "@/core/chart";
import { findChordGrips } from "@/core/chordGrips";
import { DEFAULT_WEIGHTS, makeGripSearch } from "@/core/gripSearch";
import { makeNeck, type Neck, type NeckInput } from "@/core/neck";
import { nameTuning, usualMidi } from "@/core/tuning";
import { suggestTuning } from "./suggestTuning";
import { weighTuning } from "./weighTuning";

const STANDARD = usualMidi(6);
const DROP_D = [38, 45, 50, 55, 59, 64];

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

describe("the tuning to compare with the current one", () => {
  test("from anywhere, the guitar's usual tuning; from there, its drop", () => {
    expect(suggestTuning(DROP_D, STANDARD).name).toBe("Standard");
    expect(suggestTuning(STANDARD, STANDARD).name).toBe("Drop D");
    expect(suggestTuning(usualMidi(7), usualMidi(7)).name).toBe("7-string drop A");
    expect(suggestTuning(usualMidi(9), usualMidi(9)).midi[0]).toBe(23);
    expect(nameTuning(DROP_D).name).toBe("Drop D");
  });
});
