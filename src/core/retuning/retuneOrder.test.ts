import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { usualMidi } from "@/core/tuning";
import { findCheck, isPoorCheck } from "./byEar";
import { retuneOrder } from "./retuneOrder";

const FRETS = 22;

/** How often an order has no good check, and how far its load strays, by their definitions. */
function judge(
  order: readonly number[],
  target: readonly number[],
  loads: readonly number[],
): readonly [unchecked: number, peak: number] {
  const ready = target.map((_, string) => string).filter((string) => !order.includes(string));
  const middle = (loads.length - 1) / 2;
  const sum = (strings: readonly number[], of: (string: number) => number) =>
    strings.reduce((total, string) => total + of(string), 0);
  const pull = (string: number) => loads[string] ?? 0;
  const twist = (string: number) => (pull(string) * (string - middle)) / middle;
  let unchecked = 0;
  let peak = 0;
  for (const [index, string] of order.entries()) {
    const check = findCheck(target, string, ready, FRETS);
    if (!check || isPoorCheck(check, string)) unchecked += 1;
    ready.push(string);
    const done = order.slice(0, index + 1);
    const share = done.length / order.length;
    const stray = (of: (string: number) => number) =>
      Math.abs(sum(done, of) - share * sum(order, of));
    peak = Math.max(peak, stray(pull) + stray(twist));
  }
  return [unchecked, peak];
}

function permutations(items: readonly number[]): readonly (readonly number[])[] {
  if (items.length === 0) return [[]];
  return items.flatMap((first) =>
    permutations(items.filter((other) => other !== first)).map((rest) => [first, ...rest]),
  );
}

const changedLoads = fc.array(fc.double({ min: -30, max: 10, noNaN: true }), {
  minLength: 5,
  maxLength: 5,
});

describe("the order of strings", () => {
  test("no order has fewer unchecked strings, nor as few and an evener load: all are tried", () => {
    const target = fc.tuple(
      ...usualMidi(5).map((midi) => fc.integer({ min: midi - 5, max: midi + 5 })),
    );
    fc.assert(
      fc.property(target, changedLoads, (midi, loads) => {
        const all = midi.map((_, string) => string);
        const order = retuneOrder(midi, loads, all, FRETS);
        const [unchecked, peak] = judge(order, midi, loads);
        const judged = permutations(all).map((other) => judge(other, midi, loads));
        const fewest = Math.min(...judged.map(([count]) => count));
        const evenest = Math.min(...judged.filter(([count]) => count === fewest).map(([, p]) => p));
        expect(unchecked).toBe(fewest);
        expect(peak).toBeCloseTo(evenest, 6);
      }),
      { numRuns: 25 },
    );
  });

  test("only the strings that change are in it, and those that stay serve as references", () => {
    const target = [38, 45, 50, 55, 57, 62];
    const order = retuneOrder(target, [-16, 0, 0, 0, -14, -15], [0, 4, 5], FRETS);
    expect([...order].sort()).toEqual([0, 4, 5]);
    expect(judge(order, target, [-16, 0, 0, 0, -14, -15])[0]).toBe(0);
  });

  test("nothing to turn is no order", () => {
    expect(retuneOrder(usualMidi(6), [0, 0, 0, 0, 0, 0], [], FRETS)).toEqual([]);
  });
});

describe("a check by ear", () => {
  test("an open unison beats an open octave, an octave a stretch up the neck", () => {
    // Strings 2 and 5 on one pitch, string 1 an octave up.
    expect(findCheck([40, 45, 52, 40], 3, [0, 1, 2], FRETS)).toEqual({
      referenceString: 0,
      referenceFret: 0,
      tunedFret: 0,
      kind: "unison",
    });
    expect(findCheck([40, 45, 50, 52], 3, [0], FRETS)).toMatchObject({
      kind: "octave",
      referenceFret: 0,
    });
  });

  test("what lies too far apart for the frets there are has none", () => {
    expect(findCheck([20, 64], 1, [0], 22)).toBeNull();
    expect(findCheck([20, 64], 1, [0], 36)).toMatchObject({ referenceFret: 32, kind: "octave" });
    expect(findCheck([40, 45], 1, [], 22)).toBeNull();
  });
});
