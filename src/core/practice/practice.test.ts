import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { makeSong } from "@/core/arrangement/testing";
import { climb, DEFAULT_LADDER, firstRung } from "@/core/drill";
import {
  neededMs,
  TIMING,
  TIMING_TERMS,
  type ChangeDemands,
  type TimingConstants,
} from "@/core/motion";
import { demandsWith } from "@/core/motion/testing";
import { seededRandom } from "@/core/random";
import {
  fitTiming,
  medianOf,
  roundChangeOf,
  SIMULATED,
  simulatedRound,
  simulatedStrikes,
  strikeTiming,
  suggestedResult,
  tightestAt,
} from ".";
import { spreadOf } from "./statistics";
import { type FitRound } from "./fitTiming";

describe("statistics", () => {
  test("median and median distance, by hand", () => {
    expect(medianOf([3, 1, 2])).toBe(2);
    expect(medianOf([4, 1, 2, 3])).toBe(2.5);
    // 1 1 2 2 4 6 9: median 2, distances 1 1 0 0 2 4 7, of which the median is 1.
    expect(spreadOf([1, 1, 2, 2, 4, 6, 9])).toBe(1);
    expect([medianOf([]), spreadOf([])]).toEqual([null, null]);
  });
});

describe("strums against the beat", () => {
  const beats = [0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5];
  const late = (ms: number) => beats.map((at) => at + ms / 1000);

  test("early below 0, late above; median and spread apart", () => {
    expect(strikeTiming(beats, late(-25))).toMatchObject({ heard: 8, extra: 0, isUnsure: false });
    expect(strikeTiming(beats, late(-25)).medianMs).toBeCloseTo(-25, 6);
    const mixed = beats.map((at, index) => at + (index % 2 === 0 ? 0.04 : -0.02));
    const timing = strikeTiming(beats, mixed);
    expect(timing.medianMs).toBeCloseTo(10, 6);
    expect(timing.spreadMs).toBeCloseTo(30, 6);
  });

  test("strums left out and others between are told apart; too few, and nothing is said", () => {
    expect(strikeTiming(beats, late(5).slice(2))).toMatchObject({
      heard: 6,
      extra: 0,
      isUnsure: false,
    });
    expect(strikeTiming(beats, [...late(5), 0.25, 1.25])).toMatchObject({ heard: 8, extra: 2 });
    const few = strikeTiming(beats, late(5).slice(5));
    expect(few.isUnsure).toBe(true);
    expect(suggestedResult(few)).toBeNull();
    expect(suggestedResult(strikeTiming(beats, []))).toBeNull();
    expect(strikeTiming([], []).medianMs).toBeNull();
  });

  test("a suggestion: clean, rough, missed", () => {
    expect(suggestedResult(strikeTiming(beats, late(10)))).toBe("clean");
    expect(suggestedResult(strikeTiming(beats, late(45)))).toBe("rough");
    expect(suggestedResult(strikeTiming(beats, late(90)))).toBe("missed");
    expect(suggestedResult(strikeTiming(beats, late(10).slice(1)))).toBe("rough");
  });

  test("simulated players are heard as what they are", () => {
    const bars = Array.from({ length: 32 }, (_, index) => index * 0.6);
    const seen = SIMULATED.map((who) => {
      const timing = strikeTiming(bars, simulatedStrikes(who, bars, seededRandom(7)));
      return { who, timing, result: suggestedResult(timing) };
    });
    expect(seen.map(({ result }) => result)).toEqual(["clean", "rough", "missed"]);
    expect(seen[1]?.timing.medianMs).toBeLessThan(-25);
    expect(seen[2]?.timing.heard).toBeLessThan(bars.length);
  });

  test("no strum is counted twice", () => {
    const times = fc.array(fc.double({ min: 0, max: 8, noNaN: true }), { maxLength: 30 });
    fc.assert(
      fc.property(times, (heard) => {
        const { heard: found, extra } = strikeTiming(beats, heard);
        expect(found + extra).toBe(heard.length);
        expect(found).toBeLessThanOrEqual(beats.length);
      }),
    );
  });
});

describe("constants of the hand, from rounds", () => {
  const SLIDE = demandsWith({ travelMm: 60 });
  /** Changes as drills have them: from short slides to bars and open chords. */
  const CHANGES: readonly ChangeDemands[] = [
    SLIDE,
    demandsWith({ travelMm: 115, arrivalSpaceMm: 30 }),
    demandsWith({ travelMm: 115, isOneFinger: true }),
    demandsWith({ travelMm: 60, placedFingers: 1.5, leavesOpenStrings: true }),
    demandsWith({ placedFingers: 3, clearsOpenStrings: true }),
    demandsWith({ placedFingers: 4, laysBarre: true }),
    demandsWith({ placedFingers: 3, dropsBarre: true, clearsOpenStrings: true }),
    demandsWith({ placedFingers: 2, laysSmallBarre: true }),
    demandsWith({ travelMm: 90, placedFingers: 3, overreachMm: 12 }),
  ];
  /** What eighths at a tempo leave. */
  const availableAt = (bpm: number) => 30_000 / bpm;

  /** A player practises each drill on the ladder, for thirty rounds. */
  function practise(truth: TimingConstants, random: () => number): readonly FitRound[] {
    return CHANGES.flatMap((change) => {
      const settings = { ...DEFAULT_LADDER, stepBpm: 12, maxBpm: 300 };
      let rung = firstRung(100, settings);
      return Array.from({ length: 30 }, () => {
        const round = { ...change, availableMs: availableAt(rung.bpm) };
        const result = simulatedRound(round, truth, random);
        rung = climb(rung, result, settings);
        return { change: round, isClean: result === "clean" };
      });
    });
  }

  test("on simulated players the time of each drilled change comes within 15% in nine of ten", () => {
    const random = seededRandom(2026);
    let [within, all] = [0, 0];
    for (let player = 0; player < 40; player++) {
      const of = (plain: number) => plain * (0.5 + 1.2 * random());
      const own = TIMING_TERMS.map((term) => [term, of(TIMING.steady[term])]);
      const truth: TimingConstants = { ...TIMING.steady, ...Object.fromEntries(own) };
      const fitted = fitTiming(practise(truth, random), TIMING.steady);
      if (!fitted) throw new Error("not fitted");
      for (const change of CHANGES) {
        const [is, said] = [truth, fitted.constants].map((constants) =>
          neededMs(change, constants),
        );
        all++;
        if (Math.abs((said ?? 0) / (is ?? 1) - 1) <= 0.15) within++;
      }
    }
    expect(within / all).toBeGreaterThanOrEqual(0.9);
  });

  test("few rounds, or all alike, say nothing; the constants stay within bounds", () => {
    const round = (isClean: boolean, availableMs: number): FitRound => ({
      change: { ...SLIDE, availableMs },
      isClean,
    });
    expect(fitTiming([round(true, 300), round(false, 100)], TIMING.steady)).toBeNull();
    expect(
      fitTiming(
        Array.from({ length: 20 }, () => round(true, 300)),
        TIMING.steady,
      ),
    ).toBeNull();
    const absurd = Array.from({ length: 200 }, (_, index) => round(index === 0, 20_000));
    const fitted = fitTiming(absurd, TIMING.steady);
    expect(fitted?.constants.setMs).toBeLessThanOrEqual(3 * TIMING.steady.setMs);
    expect(fitted).toMatchObject({ clean: 1, missed: 199 });
  });

  test("what a round's tightest change takes is what the route says it needs", () => {
    const { arrangement, route } = makeSong("Tempo: 140\n| A5 D5 | G5 B5 | B5 |\n");
    const at = tightestAt(arrangement, route, null);
    const change = route.timed.changes[at ?? -1];
    const min = Math.min(...route.timed.changes.map(({ slackMs }) => slackMs));
    expect(change?.slackMs).toBe(min);
    const needed = change && neededMs(roundChangeOf(change), TIMING.steady);
    expect(needed).toBeCloseTo(change?.neededMs ?? NaN, 9);
  });

  test("only changes within the bars that are played count, and those that move at all", () => {
    const { arrangement, route } = makeSong("| A5 | D5 | G5 | G5 |\n");
    expect(tightestAt(arrangement, route, [1, 3])).toBe(1);
    expect(tightestAt(arrangement, route, [2, 4])).toBeNull();
    expect(tightestAt(arrangement, route, [0, 1])).toBeNull();
  });
});
