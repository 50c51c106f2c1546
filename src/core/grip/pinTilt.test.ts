import { expect, test } from "@jest/globals";
import { makeNeck } from "@/core/neck";
import { MAX_PINS, type KeptGrip } from "./keptGrip";
import { pinTilt } from "./pinTilt";

const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64] });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;
const pin = (fretting: KeptGrip["fretting"]): KeptGrip => ({
  neck,
  root: { letter: "G", accidental: 0 },
  voicing: [0, 7, 12],
  fretting,
});
const high = pin([null, 10, 12, 12, null, null]);

test("no pins, and pins of what is usual, shift nothing", () => {
  expect(pinTilt([])).toBeNull();
  expect(pinTilt([pin([3, 5, 5, null, null, null])])).toBeNull();
});

test("pins further up shift the list up the neck, more with more of them, within a bound", () => {
  const [one, many] = [pinTilt([high]), pinTilt(Array<KeptGrip>(MAX_PINS).fill(high))];
  expect(one?.perFret).toBeLessThan(0);
  expect(many?.perFret).toBeLessThan(one?.perFret ?? NaN);
  expect(many?.perFret).toBeGreaterThanOrEqual(-0.6);
  expect(one?.name).toBe("pins");
});

test("only the newest count", () => {
  const older = Array<KeptGrip>(5).fill(pin([3, 5, 5, null, null, null]));
  const newest = Array<KeptGrip>(MAX_PINS).fill(high);
  expect(pinTilt([...older, ...newest])).toEqual(pinTilt(newest));
});
