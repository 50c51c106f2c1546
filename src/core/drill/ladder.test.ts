import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { RESULTS, type RoundResult } from "@/core/recall";
import { climb, DEFAULT_LADDER, firstRung, rungFor, shownAheadQuarters, type Rung } from ".";

const word: Readonly<Record<string, RoundResult>> = { c: "clean", r: "rough", m: "missed" };
const results = (letters: string) => [...letters].flatMap((letter) => word[letter] ?? []);
const course = (letters: string, settings = DEFAULT_LADDER) => {
  let rung = firstRung(60, settings);
  return results(letters).map((result) => {
    rung = climb(rung, result, settings);
    return settings.leavesRoom ? `${rung.bpm}/${rung.roomQuarters}` : String(rung.bpm);
  });
};

const PLAYED = { step: "whole", bpm: 60, roomQuarters: 0, result: "clean" } as const;

describe("the tempo ladder", () => {
  test("two clean rounds up, one missed down, a rough one stays and starts the count afresh", () => {
    expect(course("cccc").join(" ")).toBe("60 64 64 68");
    expect(course("crcc").join(" ")).toBe("60 60 60 64");
    expect(course("cmcc").join(" ")).toBe("60 56 56 60");
  });

  test("after two missed in a row, to where the last clean round was, or a fifth down", () => {
    expect(course("ccccmm").join(" ")).toBe("60 64 64 68 64 51");
    const { lastCleanBpm, ...rung } = { ...firstRung(116, DEFAULT_LADDER), lastCleanBpm: 80 };
    const down = (from: Rung) =>
      climb(climb(from, "missed", DEFAULT_LADDER), "missed", DEFAULT_LADDER).bpm;
    expect(down({ ...rung, lastCleanBpm })).toBe(80);
    expect(down({ ...rung, lastCleanBpm: null })).toBe(Math.round(112 * 0.8));
    expect(course("mrm").join(" ")).toBe("56 56 52");
  });

  test("a hand that holds 70 is there after five rounds missed from 116", () => {
    let rung = firstRung(116, DEFAULT_LADDER);
    let missed = 0;
    while (rung.bpm > 70) {
      rung = climb(rung, "missed", DEFAULT_LADDER);
      missed++;
    }
    expect(missed).toBeLessThanOrEqual(5);
  });

  test("the player's own steps and limits hold", () => {
    const own = { ...DEFAULT_LADDER, stepBpm: 10, minBpm: 55, maxBpm: 75 };
    expect(course("cccccc", own).join(" ")).toBe("60 70 70 75 75 75");
    expect(course("mm", own).join(" ")).toBe("55 55");
    expect(firstRung(300, own).bpm).toBe(75);
  });

  test("leaving room: the rest shrinks from a beat to nothing before the tempo grows", () => {
    const room = { ...DEFAULT_LADDER, leavesRoom: true };
    expect(course("cccccc", room).join(" ")).toBe("60/1 60/0.5 60/0.5 60/0 60/0 64/0");
    expect(course("ccm", room).join(" ")).toBe("60/1 60/0.5 60/1");
    expect(course("m", room).join(" ")).toBe("56/1");
  });

  test("the log of a drill leads to the same rung; a tempo of one's own begins a new one", () => {
    const rounds = results("cccm").map((result, index) => ({
      bpm: [60, 60, 64, 64][index] ?? 0,
      roomQuarters: 0,
      step: "whole" as const,
      result,
    }));
    expect(rungFor(rounds, "whole", 50, DEFAULT_LADDER)).toEqual({
      bpm: 60,
      clean: 0,
      missed: 1,
      lastCleanBpm: 64,
      roomQuarters: 0,
    });
    expect(rungFor([], "whole", 50, DEFAULT_LADDER).bpm).toBe(50);
    const own = [...rounds, { ...PLAYED, bpm: 90 }];
    expect(rungFor(own, "whole", 50, DEFAULT_LADDER)).toEqual({
      bpm: 90,
      clean: 1,
      missed: 0,
      lastCleanBpm: 90,
      roomQuarters: 0,
    });
  });

  test("each step has a ladder of its own; a new one begins at the tempo that was played last", () => {
    const roots = [80, 80].map((bpm) => ({ ...PLAYED, step: "root" as const, bpm }));
    const rounds = [{ ...PLAYED, bpm: 60 }, ...roots];
    const rung = (step: "root" | "two" | "whole") => rungFor(rounds, step, 50, DEFAULT_LADDER);
    expect(rung("root")).toMatchObject({ bpm: 84, clean: 0 });
    expect(rung("whole")).toMatchObject({ bpm: 60, clean: 1 });
    expect(rung("two")).toMatchObject({ bpm: 80, clean: 0 });
  });

  test("whatever the rounds, it stays within the limits and climbs by one step at most", () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...RESULTS)), fc.boolean(), (all, leavesRoom) => {
        const settings = { ...DEFAULT_LADDER, leavesRoom };
        let rung = firstRung(60, settings);
        for (const result of all) {
          const next = climb(rung, result, settings);
          expect(next.bpm).toBeGreaterThanOrEqual(settings.minBpm);
          expect(next.bpm - rung.bpm).toBeLessThanOrEqual(settings.stepBpm);
          expect(next.bpm <= rung.bpm || result === "clean").toBe(true);
          rung = next;
        }
      }),
    );
  });

  test("the next grip is shown a bar ahead at first, then later", () => {
    const rung = firstRung(60, DEFAULT_LADDER);
    expect(shownAheadQuarters(rung, 4)).toBe(4);
    expect(shownAheadQuarters({ ...rung, clean: 1 }, 4)).toBe(2);
  });
});
