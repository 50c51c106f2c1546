import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { findVoicingFrettings, soundingMidi, type Fretting } from "@/core/fretting";
import { VOICINGS } from "@/core/voicing";
import { rankFingers, type Fingering } from "./fingering";
import { DEFAULT_HAND, SCHOOLS, type Hand } from "./hand";
import { testNeckOf, STANDARD } from "./testShapes";

const standard = testNeckOf(STANDARD);

describe("laws", () => {
  const anyFretting = fc.array(fc.option(fc.integer({ min: 0, max: 15 }), { nil: null }), {
    minLength: 6,
    maxLength: 6,
  });

  test("every fingering is legal", () => {
    fc.assert(
      fc.property(anyFretting, (fretting) => {
        for (const { fingers, terms } of rankFingers(standard, fretting)) {
          for (const [a, first] of fingers.entries()) {
            expect(first !== 0).toBe(Boolean(fretting[a]));
            for (const [b, second] of fingers.entries()) {
              if (b <= a || first === 0 || second === 0) continue;
              const [low, high] = [fretting[a] ?? 0, fretting[b] ?? 0];
              if (first === second) expect(low).toBe(high);
              else if (first !== "T" && second !== "T" && low === high)
                // An index kept for a neighbouring chord may lie past a higher finger.
                expect(second > first || (second === 1 && terms.crossed > 0)).toBe(true);
              else if (first !== "T" && second !== "T") expect(second > first).toBe(high > low);
              if (first !== second) continue;
              const inside = fretting.slice(a, b).filter((fret) => fret !== null);
              expect(Math.min(...(inside as number[]))).toBe(low);
            }
          }
        }
      }),
      { numRuns: 400 },
    );
  });

  test("an effort is the sum of its parts, and the list is in order", () => {
    fc.assert(
      fc.property(anyFretting, (fretting) => {
        const ways = rankFingers(standard, fretting);
        for (const { effort, terms } of ways) {
          const sum = Object.values(terms).reduce((total: number, term: number) => total + term, 0);
          expect(effort).toBeCloseTo(Math.max(0, sum), 9);
        }
        const efforts = ways.map(({ effort }) => effort);
        expect([...efforts].sort((a, b) => a - b)).toEqual(efforts);
      }),
    );
  });

  test("a larger hand never makes a shape harder", () => {
    const best = (fretting: Fretting, hand: Hand) =>
      rankFingers(standard, fretting, { hand })[0]?.effort ?? Infinity;
    const span = fc.integer({ min: 110, max: 200 });
    fc.assert(
      fc.property(anyFretting, span, span, (fretting, a, b) => {
        const small = best(fretting, { ...DEFAULT_HAND, spanMm: Math.min(a, b) });
        const large = best(fretting, { ...DEFAULT_HAND, spanMm: Math.max(a, b) });
        expect(large).toBeLessThanOrEqual(small + 1e-9);
      }),
    );
  });

  test("raising a shape one fret never opens the hand further", () => {
    const reachOf = (way: Fingering | undefined) => way?.terms.reach ?? Infinity;
    const shape = fc.array(fc.option(fc.integer({ min: 1, max: 4 }), { nil: null }), {
      minLength: 6,
      maxLength: 6,
    });
    fc.assert(
      fc.property(shape, fc.integer({ min: 0, max: 12 }), (frets, place) => {
        const at = (up: number) => frets.map((fret) => (fret === null ? null : fret + up));
        for (const low of rankFingers(standard, at(place))) {
          const high = rankFingers(standard, at(place + 1)).find(
            ({ fingers }) => fingers.join() === low.fingers.join(),
          );
          expect(reachOf(high)).toBeLessThanOrEqual(reachOf(low) + 1e-9);
        }
      }),
    );
  });

  test("figures are finite on fanned necks with 4 to 10 strings", () => {
    for (let strings = 4; strings <= 10; strings++) {
      const midi = Array.from({ length: strings }, (_, string) => 20 + string * 5);
      const neck = testNeckOf(midi, { scaleMm: 720, trebleScaleMm: 640 });
      for (const { semitones } of VOICINGS) {
        for (const fretting of findVoicingFrettings(neck, 9, semitones, { maxSpanFrets: 3 })) {
          const [best] = rankFingers(neck, fretting);
          if (!best) continue;
          expect(Number.isFinite(best.effort) && Number.isFinite(best.reachMm)).toBe(true);
        }
      }
    }
  });

  test("no effort is below 0, whatever the school", () => {
    fc.assert(
      fc.property(anyFretting, fc.constantFrom(...SCHOOLS), (fretting, school) => {
        for (const { effort } of rankFingers(standard, fretting, { school })) {
          expect(effort).toBeGreaterThanOrEqual(0);
        }
      }),
    );
  });

  test("retuning all strings alike changes what sounds and nothing about the hand", () => {
    fc.assert(
      fc.property(anyFretting, fc.integer({ min: -5, max: 5 }), (fretting, semitones) => {
        const retuned = testNeckOf(STANDARD.map((midi) => midi + semitones));
        expect(rankFingers(retuned, fretting)).toEqual(rankFingers(standard, fretting));
        expect(soundingMidi(retuned, fretting)).toEqual(
          soundingMidi(standard, fretting).map((midi) => midi + semitones),
        );
      }),
    );
  });

  test("a capo sounds like that retuning, and the hand reaches as at the real frets", () => {
    const low = fc.array(fc.option(fc.integer({ min: 1, max: 6 }), { nil: null }), {
      minLength: 6,
      maxLength: 6,
    });
    fc.assert(
      fc.property(low, fc.integer({ min: 1, max: 9 }), (fretting, capo) => {
        const capoed = testNeckOf(STANDARD, { capo });
        const retuned = testNeckOf(STANDARD.map((midi) => midi + capo));
        expect(soundingMidi(capoed, fretting)).toEqual(soundingMidi(retuned, fretting));
        const moved = fretting.map((fret) => (fret === null ? null : fret + capo));
        const figures = (ways: readonly Fingering[]) =>
          ways.map(({ fingers, reachMm, effort }) => [
            fingers.join(),
            reachMm.toFixed(6),
            effort.toFixed(6),
          ]);
        expect(figures(rankFingers(capoed, fretting))).toEqual(
          figures(rankFingers(standard, moved)),
        );
      }),
    );
  });
});
