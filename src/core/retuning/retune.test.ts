import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { samePitches, usualMidi } from "@/core/tuning";
import { retuneSteps } from "./retune";

describe("retuning", () => {
  test("drop D lets the thickest string down by two and touches no other", () => {
    expect(retuneSteps(usualMidi(6), [38, 45, 50, 55, 59, 64])).toEqual([
      { string: 0, from: 40, to: 38, semitones: -2 },
    ]);
  });

  test("nothing to turn, and another guitar", () => {
    expect(retuneSteps(usualMidi(6), usualMidi(6))).toEqual([]);
    expect(retuneSteps(usualMidi(6), usualMidi(7))).toBeNull();
  });

  test("going there and back is nothing", () => {
    const tuning = fc.array(fc.integer({ min: 20, max: 70 }), { minLength: 6, maxLength: 6 });
    fc.assert(
      fc.property(tuning, tuning, (a, b) => {
        const there = new Map(retuneSteps(a, b)?.map((step) => [step.string, step.semitones]));
        const back = new Map(retuneSteps(b, a)?.map((step) => [step.string, step.semitones]));
        const turned = a.map((midi, i) => midi + (there.get(i) ?? 0));
        expect(samePitches(turned, b)).toBe(true);
        expect(
          samePitches(
            turned.map((midi, i) => midi + (back.get(i) ?? 0)),
            a,
          ),
        ).toBe(true);
      }),
    );
  });
});
