import { describe, expect, test } from "@jest/globals";
import { soundingMidi } from "@/core/fretting";
import { rankFingers } from "@/core/hand";
import { pitchClass } from "@/core/pitch";
import { labelledChords, rootOf } from "./labelledChords";

const chords = labelledChords();

describe("labelled chords", () => {
  test("there are at least 300, about half of them held out, each with a reason", () => {
    expect(chords.length).toBeGreaterThanOrEqual(300);
    const heldOut = chords.filter(({ isHeldOut }) => isHeldOut).length / chords.length;
    expect(heldOut).toBeGreaterThan(0.45);
    for (const { why } of chords) expect(why.length).toBeGreaterThan(5);
  });

  test("each place sounds tones of its chord alone, its root lowest, and a hand can hold it", () => {
    for (const labelled of chords) {
      const { neck, chord, accepted, tuning } = labelled;
      const tones = chord.tones.kind === "stack" ? chord.tones.stack : chord.tones.allowed;
      for (const fretting of accepted) {
        const midi = soundingMidi(neck, fretting);
        const degrees = midi.map((each) => pitchClass(each - rootOf(labelled)));
        const said = `${tuning} ${chord.name} ${fretting.join(" ")}`;
        expect([said, degrees.filter((degree) => !tones.includes(degree))]).toEqual([said, []]);
        expect([said, pitchClass(Math.min(...midi))]).toEqual([said, rootOf(labelled)]);
        expect([said, rankFingers(neck, fretting).length > 0]).toEqual([said, true]);
      }
    }
  });
});
