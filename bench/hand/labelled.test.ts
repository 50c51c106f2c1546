import { describe, expect, test } from "@jest/globals";
import { soundingMidi } from "@/core/fretting";
import { labelledGrips, neckOfEdge, readFrets } from "./labelled";
import { HARD_BUT_PLAYABLE, IMPOSSIBLE } from "./limits";

describe("the labelled shapes", () => {
  test("are as many as they should be, and each stands on its neck", () => {
    for (const shapes of [IMPOSSIBLE, HARD_BUT_PLAYABLE]) {
      expect(shapes.length).toBeGreaterThanOrEqual(60);
      for (const shape of shapes) {
        const neck = neckOfEdge(shape);
        const frets = readFrets(shape.frets);
        expect(frets).toHaveLength(neck.midi.length);
        expect(Math.max(...frets.map(Number))).toBeLessThanOrEqual(neck.frets);
      }
    }
  });

  test("the fives hold nothing but roots, fifths and the one third", () => {
    const grips = labelledGrips();
    expect(grips.length).toBeGreaterThanOrEqual(80);
    for (const { neck, fretting, accepted } of grips) {
      const midi = soundingMidi(neck, fretting);
      const above = new Set(midi.map((pitch) => (pitch - Math.min(...midi)) % 12));
      // Over the lowest note: a fifth; over a fifth in the bass: a fourth (the root) and a sixth.
      expect([...above].filter((interval) => ![0, 5, 7, 9].includes(interval))).toEqual([]);
      const fretted = fretting.filter((fret) => fret).length;
      for (const fingers of accepted) expect(fingers).toHaveLength(fretted);
    }
  });
});
