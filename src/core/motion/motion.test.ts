import { expect, test } from "@jest/globals";
import { positionOf, rankFingers, travelMm } from "@/core/hand";
import { makeNeck } from "@/core/neck";

const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64] });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;
const positionAt = (fretting: readonly (number | null)[], fingers: string) => {
  const held = rankFingers(neck, fretting).find((way) => way.fingers.join("") === fingers);
  if (!held) throw new Error(`${fretting.join()} is not held ${fingers}`);
  return positionOf(neck, held);
};

// One finger a fret (common practice): the hand is in fifth position when the index lies at fret 5.
test.each<[readonly (number | null)[], string, number]>([
  [[5, 7, 7, null, null, null], "134000", 5],
  [[null, 7, null, null, null, null], "010000", 7],
  [[null, 7, null, null, null, null], "030000", 5],
  [[0, 2, 2, null, null, null], "034000", 1],
])("%j held %s is in position %i", (fretting, fingers, fret) => {
  expect(positionAt(fretting, fingers)?.fret).toBe(fret);
});

test("open strings leave the hand free", () => {
  expect(positionAt([0, 0, 0, null, null, null], "000000")).toBeNull();
});

test("travel is the distance between two frets, either way", () => {
  const low = positionAt([3, 5, 5, null, null, null], "134000");
  const high = positionAt([5, 7, 7, null, null, null], "134000");
  if (!low || !high) throw new Error();
  expect(travelMm(low, high)).toBeCloseTo(high.mm - low.mm, 9);
  expect(travelMm(high, low)).toBe(travelMm(low, high));
});
