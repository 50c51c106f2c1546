import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import {
  ACCENTS,
  FEELS,
  MOTIONS,
  quartersPerBeat,
  readChart,
  readTexture,
  STROKES,
  strikesOf,
  textureText,
  TOUCHES,
} from "@/core/song";
import {
  addMark,
  arrange,
  countInOf,
  DEFAULT_SONG_SETTINGS,
  quartersAt,
  roundOf,
  type Mark,
} from ".";
import { marksAt } from "./marks";

const word = fc.constantFrom("A5", "D5", "E5!", "<G5", ".", "r", "N.C.", "C5~muted+eighths", "Q7");
const bar = fc.array(word, { minLength: 1, maxLength: 4 }).map((words) => `| ${words.join(" ")} `);
const meter = fc.constantFrom("4/4", "3/4", "2/4", "6/8", "12/8");
const song = fc
  .record({ meter, bars: fc.array(bar, { minLength: 1, maxLength: 6 }), isRepeated: fc.boolean() })
  .map(({ meter: time, bars, isRepeated }) =>
    isRepeated
      ? `Time: ${time}\n|: ${bars.join("").slice(2)} :|`
      : `Time: ${time}\n${bars.join("")}|`,
  );
const texture = fc.record({
  touch: fc.constantFrom(...TOUCHES),
  motion: fc.constantFrom(...MOTIONS),
  feel: fc.constantFrom(...FEELS),
  stroke: fc.constantFrom(...STROKES),
  accent: fc.constantFrom(...ACCENTS),
  pattern: fc.constantFrom(null, null, "x--x--x-", "----", "XmcX-x-x-x-x"),
});

const ROUNDING = 1e-9;

describe("any song", () => {
  test("bars follow each other without a gap, chords never overlap and end with their song", () => {
    fc.assert(
      fc.property(song, (text) => {
        const { chords, bars, length } = arrange(readChart(text), DEFAULT_SONG_SETTINGS);
        let end = 0;
        for (const { start, beats } of bars) {
          expect(start).toBeCloseTo(end, 9);
          end = start + beats;
        }
        expect(length).toBeCloseTo(end, 9);
        for (const [index, { start, beats, untilNext, playedBar }] of chords.entries()) {
          const next = chords[index + 1];
          expect(beats).toBeLessThanOrEqual(untilNext + ROUNDING);
          if (next) expect(start + untilNext).toBeCloseTo(next.start, 9);
          expect(start).toBeGreaterThanOrEqual((bars[playedBar]?.start ?? 0) - 0.5 - ROUNDING);
          expect(start + beats).toBeLessThanOrEqual(length + ROUNDING);
        }
      }),
    );
  });

  test("rounds of its bars are as long as the bars, with everything in its order and in time", () => {
    fc.assert(
      fc.property(song, fc.integer({ min: 30, max: 300 }), (text, tempo) => {
        const laidOut = arrange(readChart(text), DEFAULT_SONG_SETTINGS);
        const perS = (tempo * laidOut.quartersPerBeat) / 60;
        const whole = roundOf(laidOut, 0, laidOut.bars.length, tempo);
        const parts = laidOut.bars.map((_, at) => roundOf(laidOut, at, at + 1, tempo));
        expect(whole.lengthS).toBeCloseTo(laidOut.length / perS, 6);
        expect(parts.reduce((sum, { lengthS }) => sum + lengthS, 0)).toBeCloseTo(whole.lengthS, 6);
        for (const { events, lengthS } of [whole, ...parts]) {
          for (const [index, event] of events.entries()) {
            expect(event.atS).toBeGreaterThanOrEqual(events[index - 1]?.atS ?? 0);
            expect(event.atS).toBeLessThan(lengthS + ROUNDING);
            if (event.kind === "strike") {
              expect(event.atS + event.lengthS).toBeLessThanOrEqual(lengthS + 1e-6);
            }
          }
        }
        const clicks = whole.events.filter(({ kind }) => kind === "click");
        const beats = laidOut.bars.map((each) => each.beats / quartersPerBeat(each.meter));
        expect(clicks).toHaveLength(Math.round(beats.reduce((sum, each) => sum + each, 0)));
      }),
    );
  });

  test("is counted in for a whole bar that ends where it begins", () => {
    fc.assert(
      fc.property(meter, (time) => {
        const laidOut = arrange(readChart(`Time: ${time}\n| A5 |`), DEFAULT_SONG_SETTINGS);
        const counted = countInOf(laidOut, 0, 90);
        expect(quartersAt(counted, counted.lengthS)).toBeCloseTo(0, 9);
        const words = counted.events.flatMap((each) => (each.kind === "word" ? [each.word] : []));
        expect(words.filter((word) => word === "and").length).toBe(words.length / 2);
        expect(counted.events.length).toBe(1.5 * words.length);
      }),
    );
  });
});

describe("any texture", () => {
  test("is read as it is written", () => {
    fc.assert(
      fc.property(texture, (any) => {
        const expected = any.pattern === null ? any : { ...any, motion: "quarters" as const };
        for (const between of [" ", "+", ", "]) {
          expect(readTexture(textureText(any, between))).toEqual({ ok: true, value: expected });
        }
      }),
    );
  });

  test("strikes a chord at least once, in order, and never beyond its end", () => {
    const spans = fc.record({
      meter,
      startBeat: fc.constantFrom(-0.5, 0, 0.5, 1, 4 / 3, 1.5, 2.75),
      beats: fc.constantFrom(0.25, 0.5, 1, 4 / 3, 2, 3.5, 6),
    });
    fc.assert(
      fc.property(fc.option(texture), spans, (any, span) => {
        const strikes = strikesOf(any, span);
        expect(strikes.length).toBeGreaterThan(0);
        for (const [index, { at, stroke }] of strikes.entries()) {
          const before = strikes[index - 1];
          if (before) expect(at).toBeGreaterThan(before.at);
          expect(at).toBeGreaterThanOrEqual(0);
          expect(at).toBeLessThan(span.beats);
          if (any?.stroke === "down" && any.touch !== "choked") expect(stroke).toBe("down");
        }
      }),
    );
  });
});

describe("any marks", () => {
  const place = fc.record({
    chord: fc.constantFrom("A5", "D5"),
    section: fc.constantFrom(null, "Verse", "Chorus"),
    at: fc.constantFrom<readonly [number, number] | null>(null, [0, 0], [1, 0]),
  });
  const fretting = fc.constantFrom([5, 7, 7, null, null, null], [null, 0, 2, 2, null, null]);
  const mark: fc.Arbitrary<Mark> = fc.oneof(
    fc
      .tuple(place, fretting)
      .map(([where, frets]): Mark => ({ ...where, act: "pin", fretting: frets, fingers: null })),
    fc.tuple(place, fretting).map(([where, frets]): Mark => ({
      ...where,
      act: "forbid",
      fretting: frets,
    })),
    fc
      .tuple(place, fc.constantFrom(1 as const, 2 as const))
      .map(([where, notes]): Mark => ({ ...where, act: "thin", notes })),
    fc
      .tuple(place, fc.constantFrom("leave" as const, "scratch" as const))
      .map(([where, act]): Mark => ({ ...where, act, strums: 1 })),
  );

  test("of each act one holds for a chord, and no grip is pinned and forbidden at once", () => {
    fc.assert(
      fc.property(fc.array(mark, { maxLength: 12 }), (marks) => {
        const here = marksAt(marks, "A5", "Verse", 0, 0);
        for (const each of ["pin", "thin", "leave", "scratch"] as const) {
          expect(here.filter(({ act }) => act === each).length).toBeLessThanOrEqual(1);
        }
        const pin = here.find((each) => each.act === "pin");
        const isBoth = here.some(
          (each) =>
            each.act === "forbid" &&
            pin?.act === "pin" &&
            each.fretting.join() === pin.fretting.join(),
        );
        expect(isBoth).toBe(false);
        expect(here.every(({ chord }) => chord === "A5")).toBe(true);
      }),
    );
  });

  test("one that is added holds at its place, and adding it again changes nothing", () => {
    fc.assert(
      fc.property(fc.array(mark, { maxLength: 8 }), mark, (marks, added) => {
        const once = marks.reduce<readonly Mark[]>(addMark, []);
        const next = addMark(once, added);
        expect(next.at(-1)).toEqual(added);
        expect(addMark(next, added)).toEqual(next);
        expect(next.length).toBeLessThanOrEqual(once.length + 1);
      }),
    );
  });
});
