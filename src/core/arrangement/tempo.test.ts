import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { readChart } from "@/core/song";
import {
  adviseOn,
  DEFAULT_DOWN_STROKES_BPM,
  DEFAULT_SONG_SETTINGS,
  hardDownStrokes,
  NO_PLAY_LIMITS,
  type Mark,
  type SongSettings,
} from ".";
import { ADVICE } from "./advice";
import { makeSong } from "./testing";

describe("what holds at tempo", () => {
  const availableOf = (text: string, settings: Partial<SongSettings> = {}) =>
    makeSong(text, settings).route.timed.changes.map(({ availableMs }) => Math.round(availableMs));

  test("is the whole time between the last strum that needs a grip and the first that needs the next", () => {
    expect(availableOf("| E5~once | C5 |")).toEqual([2000]);
    expect(availableOf("| E5~eighths | C5 |")).toEqual([250]);
    expect(availableOf("| E5~x-x-x-x-x-x-c-c- | C5 |")).toEqual([750]);
    expect(availableOf("| E5~eighths | C5~c-c-x-x-x-x-x-x- |")).toEqual([750]);
    expect(availableOf("| E5~eighths | C5~c-c-c-c- | G5~eighths |")).toEqual([2250, 2000]);
    expect(availableOf("| E5! r r r | C5 |")).toEqual([2000]);
    expect(availableOf("| E5 . <C5 . |")).toEqual([250]);
  });

  test("is what the tempo of its own bars leaves; all tempos are told as the song's", () => {
    const text = "Tempo: 120\n| E5~once | D5~once |\nBridge\nTempo: 60\n| C5~once | G5 |";
    expect(availableOf(text)).toEqual([2000, 2000, 4000]);
    const { changes } = makeSong(text).route.timed;
    const alone = makeSong("Tempo: 60\n| C5~once | G5 |").route.timed.changes.at(-1);
    const last = changes.at(-1);
    expect(last?.neededMs).toBe(alone?.neededMs);
    // At twice the song's tempo these bars go at twice their own.
    expect(last?.cleanTempoBpm).toBeCloseTo(2 * (alone?.cleanTempoBpm ?? 0), 6);
  });

  test("a choke never makes a change harder, leaving out the last strum never either", () => {
    const pattern = fc
      .array(fc.constantFrom("x", "-", "m", "c"), { minLength: 16, maxLength: 16 })
      .map((signs) => `x${signs.slice(1).join("")}`);
    fc.assert(
      fc.property(pattern, fc.integer({ min: 1, max: 15 }), (signs, at) => {
        const choked = `${signs.slice(0, at)}c${signs.slice(at + 1)}`;
        const [plain = 0] = availableOf(`| E5~${signs} | C5 |`);
        if (signs[at] !== "-") {
          expect(availableOf(`| E5~${choked} | C5 |`)[0]).toBeGreaterThanOrEqual(plain);
        }
        for (const act of ["leave", "scratch"] as const) {
          const marks: Mark[] = [{ act, strums: 1, chord: "E5", section: null, at: null }];
          const less = availableOf(`| E5~${signs} | C5 |`, { marks });
          expect(less[0]).toBeGreaterThanOrEqual(plain);
        }
      }),
      { numRuns: 40 },
    );
  });

  test("a tempo scales with the note value", () => {
    const clean = (motion: string) =>
      makeSong(`| E5~${motion} | C5 |`).route.timed.cleanTempoBpm ?? NaN;
    expect(clean("quarters")).toBeCloseTo(2 * clean("eighths"), 6);
  });

  test("the song breaks first at its tightest change, or at its down strokes", () => {
    const { timed } = makeSong("Tempo: 200\n| E5 F5 C5 B5 |").route;
    const tempos = timed.changes.map(({ cleanTempoBpm }) => cleanTempoBpm ?? Infinity);
    expect(timed.cleanTempoBpm).toBe(tempos[timed.worst ?? -1]);
    expect(timed.limit).toEqual({ kind: "change", change: timed.worst });
    const down = makeSong("Tempo: 190\nTexture: eighths down\n| E5 |").route.timed;
    expect(down).toMatchObject({
      holds: "too fast",
      cleanTempoBpm: 180,
      limit: { kind: "down strokes", chord: 0 },
    });
  });

  test("down strokes in eighths are marked above the player's tempo only", () => {
    const strokes = (tempo: number, words: string) =>
      hardDownStrokes(
        makeSong(`Tempo: ${tempo}\nTexture: ${words}\n| A5 |`).arrangement,
        DEFAULT_DOWN_STROKES_BPM,
      );
    expect(strokes(180, "eighths down")).toEqual([]);
    expect(strokes(181, "eighths down")).toEqual([0]);
    expect(strokes(200, "eighths")).toEqual([]);
    expect(strokes(200, "quarters down")).toEqual([]);
  });

  test("advice is planned through: what it promises is what comes of it", () => {
    const text = "Tempo: 200\n| C5 F#5 | Bb5 E5 |";
    const settings = { ...DEFAULT_SONG_SETTINGS, limits: { ...NO_PLAY_LIMITS, rootStrings: [0] } };
    const { request, route: before } = makeSong(text, settings);
    const change = before.timed.worst ?? -1;
    const advice = adviseOn({ ...request, chart: readChart(text), settings, change });
    expect(advice[0]).toMatchObject({ kind: "let strums go", strums: 1 });
    const kinds = advice.map(({ kind }) => ADVICE.indexOf(kind));
    expect(kinds).toEqual([...kinds].sort((a, b) => a - b));
    expect(advice.length).toBeGreaterThan(1);
    for (const { marks, cleanTempoBpm, gainBpm } of advice) {
      const after = makeSong(text, { ...settings, marks }).route.timed.cleanTempoBpm;
      expect(after).toBeCloseTo(cleanTempoBpm ?? NaN, 9);
      expect(gainBpm).toBeCloseTo((after ?? NaN) - (before.timed.cleanTempoBpm ?? NaN), 9);
    }
  });

  test("fingers crossed for a kept index are offered where they help: D to A", () => {
    const text = "Tempo: 240\nTexture: eighths\n| D A |";
    const pin = (chord: string, fretting: Fretting, fingers: readonly (Finger | 0)[]): Mark => ({
      ...{ act: "pin", chord, section: null, at: null, fretting, fingers },
    });
    const marks = [
      pin("D", [null, null, 0, 2, 3, 2], [0, 0, 0, 1, 3, 2]),
      pin("A", [null, 0, 2, 2, 2, 0], [0, 0, 1, 2, 3, 0]),
    ];
    const settings = { ...DEFAULT_SONG_SETTINGS, marks };
    const { request } = makeSong(text, settings);
    const advice = adviseOn({ ...request, chart: readChart(text), settings, change: 0 });
    const fingers = advice.find(({ kind }) => kind === "other fingers");
    expect(fingers?.marks.at(-1)).toMatchObject({ chord: "A", fingers: [0, 0, 2, 1, 3, 0] });
  });
});
