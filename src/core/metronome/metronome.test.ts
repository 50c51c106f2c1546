import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { CLICK_ACCENTS, CLICK_FEELS, clicksOf, PER_BEAT, PLAIN_METRONOME, type Metronome } from ".";

const at = (part: Partial<Metronome>, bar = 0, beats = 4) =>
  clicksOf({ ...PLAIN_METRONOME, ...part }, "4/4", beats, 1, bar).map((click) =>
    Number(click.at.toFixed(3)),
  );
const strengths = (part: Partial<Metronome>) =>
  clicksOf({ ...PLAIN_METRONOME, ...part }, "4/4", 4, 1, 0)
    .map(({ strength }) => strength[0])
    .join("");

describe("the metronome", () => {
  test("a click on each beat; eighths, triplets and sixteenths between them", () => {
    expect(at({})).toEqual([0, 1, 2, 3]);
    expect(at({ perBeat: 2 })).toEqual([0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5]);
    expect(at({ perBeat: 3 }).slice(0, 4)).toEqual([0, 0.333, 0.667, 1]);
    expect(at({ perBeat: 4 }).slice(0, 5)).toEqual([0, 0.25, 0.5, 0.75, 1]);
  });

  test("swung, the off-beat comes at two thirds of its beat; triplets stay as they are (common practice)", () => {
    expect(at({ perBeat: 2, feel: "swung" }).slice(0, 4)).toEqual([0, 0.667, 1, 1.667]);
    expect(at({ perBeat: 4, feel: "swung" }).slice(0, 4)).toEqual([0, 0.333, 0.5, 0.833]);
    expect(at({ perBeat: 3, feel: "swung" })).toEqual(at({ perBeat: 3 }));
  });

  test("accents on one, on two and four, or none", () => {
    expect(strengths({})).toBe("abbb");
    expect(strengths({ accents: "backbeat" })).toBe("baba");
    expect(strengths({ accents: "none" })).toBe("bbbb");
    // What falls between two beats is softer: its first letter is a beat's, so the word tells.
    const between = clicksOf({ ...PLAIN_METRONOME, perBeat: 2 }, "4/4", 4, 1, 0);
    expect(between.filter(({ strength }) => strength === "between")).toHaveLength(4);
  });

  test("silent bars come after those that sound, round and round", () => {
    const gap = { soundBars: 3, silentBars: 1 };
    const sounding = [0, 1, 2, 3, 4, 5, 6, 7].map((bar) => at(gap, bar).length > 0);
    expect(sounding).toEqual([true, true, true, false, true, true, true, false]);
  });

  test("a pick-up ends as a whole bar does; in 6/8 a beat is three eighths", () => {
    expect(clicksOf(PLAIN_METRONOME, "4/4", 1, 1, 0)).toEqual([{ at: 0, strength: "beat" }]);
    expect(clicksOf(PLAIN_METRONOME, "6/8", 3, 1.5, 0).map((click) => click.at)).toEqual([0, 1.5]);
  });

  test("whatever is set, clicks are in order, within the bar, and none falls on another", () => {
    const any = fc.record({
      perBeat: fc.constantFrom(...PER_BEAT),
      feel: fc.constantFrom(...CLICK_FEELS),
      accents: fc.constantFrom(...CLICK_ACCENTS),
      soundBars: fc.integer({ min: 1, max: 4 }),
      silentBars: fc.integer({ min: 0, max: 4 }),
    });
    fc.assert(
      fc.property(any, fc.nat(20), (metronome, bar) => {
        const clicks = clicksOf(metronome, "3/4", 3, 1, bar);
        for (const [index, click] of clicks.entries()) {
          expect(click.at).toBeGreaterThan(clicks[index - 1]?.at ?? -1);
          expect(click.at).toBeLessThan(3);
        }
      }),
    );
  });
});
