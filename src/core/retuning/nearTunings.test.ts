import { describe, expect, test } from "@jest/globals";
import { TUNINGS, nameTuning } from "@/core/tuning";
import { nearTunings } from "./nearTunings";

const STANDARD = [40, 45, 50, 55, 59, 64];

describe("the nearest tunings", () => {
  test("from standard, least turning first, each once, never the current one", () => {
    const near = nearTunings(STANDARD, [...TUNINGS, nameTuning(STANDARD)], 6);
    expect(near.slice(0, 2)).toMatchObject([
      { tuning: { name: "Lute" }, steps: [{ string: 3, semitones: -1 }] },
      { tuning: { name: "Drop D" }, steps: [{ string: 0, semitones: -2 }] },
    ]);
    const sizes = near.map(({ steps }) =>
      steps.reduce((sum, { semitones }) => sum + Math.abs(semitones), 0),
    );
    expect(sizes).toEqual(sizes.toSorted((a, b) => a - b));
    expect(new Set(near.map(({ tuning }) => tuning.midi.join())).size).toBe(6);
    expect(near.map(({ tuning }) => tuning.name)).not.toContain("Standard");
  });

  test("only tunings of as many strings", () => {
    const seven = [35, ...STANDARD];
    const near = nearTunings(seven, TUNINGS, 20);
    expect(near.every(({ tuning }) => tuning.midi.length === 7)).toBe(true);
    expect(near[0]?.tuning.midi.slice(1)).toEqual(STANDARD);
  });
});
