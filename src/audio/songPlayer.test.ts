/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { PLAIN_METRONOME } from "@/core/metronome";
import { startPlaying, type SongPlayer } from "./songPlayer";
import { type PlayOptions, type PlayPlace } from "./playTypes";
import { makeSong, standardNeck } from "@/core/arrangement/testing";

/** An audio clock that moves with the fake timers; every source that is started is noted. */
const clock = { now: 0 };
let started: number[] = [];
const gains: { value: number }[] = [];
const node = () => ({
  frequency: { value: 0 },
  connect: (next: object) => next,
  disconnect: () => undefined,
});
class FakeContext {
  state = "running";
  sampleRate = 8000;
  outputLatency = 0;
  destination = node();
  get currentTime() {
    return clock.now;
  }
  resume = async () => Promise.resolve();
  createGain = () => {
    const gain = { value: 1, setTargetAtTime: () => undefined };
    gains.push(gain);
    return { ...node(), gain };
  };
  createWaveShaper = node;
  createBiquadFilter = node;
  createBuffer = (_: number, length: number, rate: number) => ({
    duration: length / rate,
    copyToChannel: () => undefined,
  });
  createBufferSource = () => ({
    ...node(),
    start: (atS: number) => void started.push(atS),
    stop: () => undefined,
  });
}
Object.assign(globalThis, { AudioContext: FakeContext });

const OPTIONS: PlayOptions = {
  click: true,
  chords: false,
  isHalf: false,
  loop: null,
  rampBpm: 0,
  rampTo: 300,
  tempoBpm: 60,
  metronome: PLAIN_METRONOME,
};
let places: PlayPlace[] = [];
let ends = 0;
let player: SongPlayer | null = null;

async function play(
  text: string,
  part: Partial<PlayOptions> = {},
  {
    fromBar = 0,
    countIn = false,
    isWanted = () => true,
  }: { fromBar?: number; countIn?: boolean; isWanted?: () => boolean } = {},
): Promise<SongPlayer | null> {
  const { arrangement, route } = makeSong(text);
  globalThis.fetch = async () => Promise.reject(new Error("no recordings here"));
  player = await startPlaying(
    {
      arrangement,
      route,
      neck: standardNeck(),
      a4Hz: 440,
      options: { ...OPTIONS, ...part },
      hearing: { gain: false, loudness: 0.5 },
      fromBar,
      countIn,
    },
    {
      onPlace: (place) => places.push(place),
      onQuarters: () => undefined,
      onEnd: () => void (ends += 1),
    },
    isWanted,
  );
  return player;
}

/** Time passes for timers and for the audio clock, in steps as short as a frame. */
function pass(seconds: number): void {
  for (let step = 0; step < seconds * 50; step++) {
    clock.now += 0.02;
    jest.advanceTimersByTime(20);
  }
}

beforeEach(() => {
  jest.useFakeTimers();
  clock.now = 0;
  started = [];
  places = [];
  ends = 0;
});
afterEach(() => {
  player?.stop();
  jest.useRealTimers();
});

const steps = () =>
  started.slice(1).map((atS, index) => Number((atS - (started[index] ?? 0)).toFixed(6)));

describe("what is put on the audio clock", () => {
  test("clicks are even, ahead of time, and only as far ahead as a page may hang", async () => {
    await play("| A5 | D5 | E5 |");
    expect(started).toHaveLength(2);
    pass(1);
    // A page that hangs for 450 ms finds the next click on the clock already.
    expect(Math.max(...started)).toBeGreaterThan(clock.now + 0.5);
    pass(9);
    expect(new Set(steps())).toEqual(new Set([1]));
    expect(started.every((atS, index) => index === 0 || atS > (started[index - 1] ?? 0))).toBe(
      true,
    );
  });

  test("half tempo, and never slower or faster than 30 and 300", async () => {
    await play("| A5 | D5 |", { tempoBpm: 100, isHalf: true });
    pass(5);
    expect(new Set(steps())).toEqual(new Set([1.2]));
    player?.stop();
    started = [];
    await play("| A5 | D5 |", { tempoBpm: 40, isHalf: true });
    pass(6);
    expect(new Set(steps())).toEqual(new Set([2]));
  });

  test("counting in sounds the beats and the ands, whether clicks are wanted or not", async () => {
    await play("| A5 |", { click: false }, { countIn: true });
    pass(6);
    expect(started).toHaveLength(8);
    expect(new Set(steps())).toEqual(new Set([0.5]));
    expect(places.slice(0, 4).map(({ count }) => count)).toEqual(["one", "and", "two", "and"]);
  });

  test("a loop goes round without a gap, faster by what is asked, up to where it is asked", async () => {
    await play("| A5 | D5 |", { loop: [0, 0], rampBpm: 60, rampTo: 120 });
    pass(9);
    expect(steps().slice(0, 8)).toEqual([1, 1, 1, 1, 0.5, 0.5, 0.5, 0.5]);
    expect(Math.max(...places.map(({ tempoBpm }) => tempoBpm))).toBe(120);
    expect(places.every(({ bar }) => bar === 0)).toBe(true);
    expect(ends).toBe(0);
  });
});

describe("where the playing is", () => {
  test("the chord now, and early the one that follows; the last has none", async () => {
    await play("| A5 . D5 . | E5 |");
    pass(8.5);
    const seen = places.map(({ bar, chord, next }) => `${bar} ${chord} ${next}`);
    expect([...new Set(seen)]).toEqual(["0 0 1", "0 1 2", "1 2 null"]);
    expect(ends).toBe(1);
  });

  test("from a bar on, and nothing once it is stopped", async () => {
    await play("| A5 | D5 | E5 |", {}, { fromBar: 2 });
    pass(0.5);
    expect(places[0]).toMatchObject({ bar: 2, chord: 2, next: null });
    player?.stop();
    const [sounds, seen] = [started.length, places.length];
    pass(5);
    expect([started.length, places.length, ends]).toEqual([sounds, seen, 0]);
  });

  test("a start that is not wanted any more makes no sound", async () => {
    expect(await play("| A5 |", {}, { isWanted: () => false })).toBeNull();
    pass(2);
    expect(started).toEqual([]);
  });

  test("loudness changes while it plays", async () => {
    await play("| A5 |");
    const out = gains.at(-2) ?? gains.at(-1);
    const before = gains.map(({ value }) => value);
    player?.setLoudness(0);
    expect(out).toBeDefined();
    expect(gains.filter(({ value }, index) => value !== before[index])).toEqual([
      expect.objectContaining({ value: 0 }),
    ]);
  });
});
