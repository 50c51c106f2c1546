import { describe, expect, test } from "@jest/globals";
import { readChart } from "@/core/song";
import { arrange, DEFAULT_SONG_SETTINGS, easeSong, NO_EASE } from ".";

const song = arrange(readChart("Texture: eighths\n| A5 | D5 |\n"), DEFAULT_SONG_SETTINGS);
const strikes = (part: Partial<typeof NO_EASE>) =>
  easeSong(song, { ...NO_EASE, ...part }).chords[0]?.strikes.map(({ at }) => at);

describe("a song made easier", () => {
  test("one strum a chord", () => {
    expect(strikes({ isOnce: true })).toEqual([0]);
  });

  test("nothing is struck so long before the next chord", () => {
    expect(strikes({ roomQuarters: 1 })).toEqual([0, 0.5, 1, 1.5, 2, 2.5]);
    expect(strikes({ roomQuarters: 0.5 })?.at(-1)).toBe(3);
    // However much room is asked for, the chord itself is struck.
    expect(strikes({ roomQuarters: 9 })).toEqual([0]);
  });

  test("another tempo; without any ease it is the song", () => {
    expect(easeSong(song, { ...NO_EASE, tempoBpm: 61 }).tempoBpm).toBe(61);
    expect(easeSong(song, NO_EASE)).toEqual(song);
  });
});
