import { describe, expect, test } from "@jest/globals";
import { soundingMidi } from "@/core/fretting";
import { DEFAULT_WEIGHTS, makeGripSearch } from "@/core/gripSearch";
import { rankFingers } from "@/core/hand";
import { pitchClass } from "@/core/pitch";
import { chordAgreement, labelledChords, labelledSlashChords, rootOf } from "./labelledChords";

const chords = labelledChords();

const withBass = labelledSlashChords();

describe("labelled chords", () => {
  test("there are at least 400, about half of them held out, each with a reason", () => {
    expect(chords.length).toBeGreaterThanOrEqual(400);
    const heldOut = chords.filter(({ isHeldOut }) => isHeldOut).length / chords.length;
    expect(heldOut).toBeGreaterThan(0.45);
    for (const { why } of chords) expect(why.length).toBeGreaterThan(5);
  });

  test("each place sounds tones of its chord alone, its root or its bass lowest, and a hand can hold it", () => {
    for (const labelled of [...chords, ...withBass]) {
      const { neck, chord, accepted, tuning } = labelled;
      const tones = chord.tones.kind === "voicing" ? chord.tones.voicing : chord.tones.allowed;
      for (const fretting of accepted) {
        const midi = soundingMidi(neck, fretting);
        const degrees = midi.map((each) => pitchClass(each - rootOf(labelled)));
        const said = `${tuning} ${chord.name} ${fretting.join(" ")}`;
        expect([said, degrees.filter((degree) => !tones.includes(degree))]).toEqual([said, []]);
        const bass = chord.tones.kind === "free" ? (chord.tones.bass ?? 0) : 0;
        const lowest = pitchClass(Math.min(...midi) - rootOf(labelled));
        expect([said, lowest]).toEqual([said, bass]);
        expect([said, rankFingers(neck, fretting).length > 0]).toEqual([said, true]);
      }
    }
  });

  test("of those that no fit has seen, a right place comes first in 95 of 100, and in three in 98.5", () => {
    const { first, inThree } = chordAgreement(chords.filter(({ isHeldOut }) => isHeldOut));
    expect(first).toBeGreaterThanOrEqual(0.95);
    expect(inThree).toBeGreaterThanOrEqual(0.985);
  });

  test("the lowest note of a chord without a slash is its root", () => {
    const others = chords.flatMap((labelled) => {
      const { neck, chord } = labelled;
      const [found] = makeGripSearch(neck, {}, DEFAULT_WEIGHTS).cheapest(neck.midi, chord, 1);
      const lowest = Math.min(...soundingMidi(neck, found?.fretting ?? []));
      return pitchClass(lowest) === rootOf(labelled) ? [] : [chord.name];
    });
    expect(others.length / chords.length).toBeLessThan(0.01);
  });
});
