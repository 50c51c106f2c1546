import { describe, expect, test } from "@jest/globals";
import { makeNeck, type Neck } from "../neck";
import { usualMidi } from "../tuning";
import { chordDifference, chordOnNeck, suggestTuning } from ".";

const STANDARD = usualMidi(6);
const FIVE = { stack: [0, 7, 12], leastNotes: null };
const DROP_D = [38, 45, 50, 55, 59, 64];
const D = { letter: "D", accidental: 0 } as const;

const neckOf = (midi: readonly number[]): Neck => {
  const neck = makeNeck({ midi, frets: 22 });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};

describe("one chord on two necks", () => {
  const standard = chordOnNeck(neckOf(STANDARD), D, FIVE, 5);
  const dropped = chordOnNeck(neckOf(DROP_D), D, FIVE, 5);

  test("the easiest grips come first, no more than asked for, and all are counted", () => {
    expect(dropped.grips[0]?.fretting).toEqual([0, 0, 0, null, null, null]);
    expect(dropped.grips).toHaveLength(5);
    expect(dropped.count).toBeGreaterThan(5);
  });

  test("drop D brings the D below low E", () => {
    expect(standard.lowestMidi).toBe(50);
    expect(dropped.lowestMidi).toBe(38);
    const difference = chordDifference(standard, dropped);
    expect(difference?.lowestSemitones).toBe(-12);
    expect(difference?.effort).toBeLessThan(0);
  });

  test("the difference the other way round is the opposite", () => {
    const there = chordDifference(standard, dropped);
    const back = chordDifference(dropped, standard);
    expect(back?.effort).toBeCloseTo(-(there?.effort ?? NaN), 9);
    expect(back?.lowestSemitones).toBe(12);
  });

  test("a chord that cannot be played is said to be so, not compared", () => {
    const none = chordOnNeck(neckOf([40]), D, FIVE, 5);
    expect(none).toEqual({ count: 0, grips: [], lowestMidi: null });
    expect(chordDifference(standard, none)).toBeNull();
  });
});

describe("the tuning to hold beside the present one", () => {
  test("from anywhere, the guitar's usual tuning; from there, its drop", () => {
    expect(suggestTuning(DROP_D, STANDARD).name).toBe("Standard");
    expect(suggestTuning(STANDARD, STANDARD).name).toBe("Drop D");
    expect(suggestTuning(usualMidi(7), usualMidi(7)).name).toBe("7-string drop A");
    expect(suggestTuning(usualMidi(9), usualMidi(9)).midi[0]).toBe(23);
  });
});
