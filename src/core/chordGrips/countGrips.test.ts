import { describe, expect, test } from "@jest/globals";
import { DEFAULT_CHORD_OPTIONS, readProgression, type Chord } from "@/core/chart";
import { makeNeck, type Neck, type NeckInput } from "@/core/neck";
import { usualMidi } from "@/core/tuning";
import { countGrips, findChordGrips, sumCounts, type GripCounts } from "./index";

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

test("counts add up, and one that is too much is not guessed", () => {
  const one: GripCounts = {
    playable: 3,
    oneFinger: 1,
    strumSafe: 2,
    ringing: 0,
    lowest: 40,
    highest: 60,
  };
  const none: GripCounts = { ...one, playable: 0, lowest: null, highest: null };
  expect(sumCounts([one, { ...one, lowest: 38, highest: 71 }])).toEqual({
    playable: 6,
    oneFinger: 2,
    strumSafe: 4,
    ringing: 0,
    lowest: 38,
    highest: 71,
  });
  expect(sumCounts([none])).toMatchObject({ lowest: null, highest: null });
  expect(sumCounts([one, null])).toBeNull();
  expect(sumCounts([])).toBeNull();
});
