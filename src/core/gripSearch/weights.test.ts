import { expect, test } from "@jest/globals";
import { soundingMidi } from "@/core/fretting";
import { makeNeck } from "@/core/neck";
import { usualMidi } from "@/core/tuning";
import { lowCost, roughnessWith, soundCost, weighGrip } from "./weights";

const made = makeNeck({ midi: usualMidi(6), frets: 12 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;

test("each term counts as often as it weighs", () => {
  const open = [0, 2, 2, null, null, null];
  const pitches = soundingMidi(neck, open);
  const all = { ease: 1, usual: 1, low: 1, clear: 1, ringing: 1, retuning: 1 };
  const sound = soundCost(open, pitches, all);
  expect(sound.low).toBe(lowCost(40));
  expect(sound.ringing).toBe(-2);
  const [a = 0, b = 0, c = 0] = pitches;
  expect(sound.clear).toBeCloseTo(4 * (roughnessWith(b, [a]) + roughnessWith(c, [a, b])), 9);
  const only = { ...all, ease: 2, usual: 0.5, low: 0, clear: 0, ringing: 3 };
  expect(weighGrip(10, 8, soundCost(open, pitches, only), only)).toBe(20 + 4 - 6);
});
