import { afterEach, beforeAll, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { strikeTiming } from "@/core/practice";
import { clickSamples } from "./band";
import { GRIP_SAMPLE_HZ, gripSamples } from "./grip";
import { type SampleBlock } from "./tap";

const RATE = 44_100;
const BLOCK = 2048;

/** An audio clock with a microphone whose sound the test makes, handed over in blocks as the worklet does. */
const clock = { now: 10 };
let onBlock: ((block: SampleBlock) => void) | null = null;
let stops = 0;
const started: { readonly atS: number }[] = [];
const track = { onended: null as (() => void) | null, stop: () => void stops++ };
const node = () => ({ connect: (next: object) => next, disconnect: () => undefined });
const context = {
  get currentTime() {
    return clock.now;
  },
  sampleRate: RATE,
  destination: node(),
  createGain: () => ({ ...node(), gain: { value: 1, setTargetAtTime: () => undefined } }),
  createBuffer: (_: number, length: number, rate: number) => ({
    duration: length / rate,
    copyToChannel: () => undefined,
  }),
  createBufferSource: () => ({
    ...node(),
    start: (atS: number) => void started.push({ atS }),
    stop: () => undefined,
  }),
  createMediaStreamSource: node,
};
let refusal: Error | null = null;
jest.mock("./context", () => ({ audioContext: async () => Promise.resolve(context) }));
jest.mock("./tap", () => ({
  tap: async (_: object, __: object, handler: (block: SampleBlock) => void) => {
    onBlock = handler;
    return Promise.resolve(() => void (onBlock = null));
  },
  openMicrophone: async () =>
    refusal ? Promise.reject(refusal) : Promise.resolve({ getTracks: () => [track] }),
}));
// Imported after what it uses is replaced.
const importEar = async () => import("./ear");
let ear: Awaited<ReturnType<typeof importEar>>;
beforeAll(async () => {
  ear = await importEar();
});

beforeEach(() => {
  clock.now = 10;
  stops = 0;
  started.length = 0;
  refusal = null;
  track.onended = null;
});
afterEach(() => {
  jest.useRealTimers();
});

/** Hands over a sound that begins at a time of the audio clock. */
function hand(samples: Float32Array, fromS: number): void {
  for (let start = 0; start < samples.length; start += BLOCK) {
    const block = samples.slice(start, start + BLOCK);
    onBlock?.({ samples: block, endS: fromS + (start + block.length) / RATE });
  }
}

function mixed(lengthS: number, sounds: readonly (readonly [atS: number, sound: Float32Array])[]) {
  const all = new Float32Array(Math.round(lengthS * RATE));
  for (const [atS, sound] of sounds) {
    const from = Math.round(atS * RATE);
    for (const [index, sample] of sound.entries()) {
      if (from + index < all.length) all[from + index] = (all[from + index] ?? 0) + sample;
    }
  }
  return all;
}

const STRUM = (() => {
  const slow = gripSamples([82.4, 123.5], "mute", 1);
  const factor = RATE / GRIP_SAMPLE_HZ;
  return Float32Array.from(
    { length: slow.length * factor },
    (_, index) => 0.5 * (slow[Math.floor(index / factor)] ?? 0),
  );
})();

describe("an ear", () => {
  test("tells when strings were struck on the audio clock, early and late ones", async () => {
    const open = await ear.openEar("microphone", () => undefined);
    const beats = [0.5, 1, 1.5, 2, 2.5, 3];
    const late = beats.map((at, index) => at + (index % 2 === 0 ? 0.02 : 0.03));
    hand(
      mixed(
        4,
        late.map((at) => [at, STRUM] as const),
      ),
      20,
    );
    const heard = open.onsets(20.5, 23, null);
    const timing = strikeTiming(
      beats.map((at) => at + 20),
      heard,
    );
    expect(timing).toMatchObject({ heard: 6, extra: 0 });
    expect(timing.medianMs).toBeGreaterThan(15);
    expect(timing.medianMs).toBeLessThan(35);
    open.close();
  });

  test("clicks that it hears itself are taken out, accents and beats alike", async () => {
    const open = await ear.openEar("microphone", () => undefined);
    const latencyS = 0.06;
    const clicks = [0, 0.5, 1, 1.5].map((at, index) => ({
      atS: 30.5 + at,
      strength: index === 0 ? ("accent" as const) : ("beat" as const),
    }));
    const strums = [0.25, 0.75, 1.25, 1.75].map((at) => 0.5 + at);
    const sound = mixed(3, [
      ...clicks.map(
        ({ atS, strength }) =>
          [atS - 30 + latencyS, clickSamples(strength, RATE).map((each) => 0.4 * each)] as const,
      ),
      ...strums.map((at) => [at, STRUM] as const),
    ]);
    hand(sound, 30);
    expect(open.onsets(30.5, 32.3, null).length).toBeGreaterThan(strums.length);
    const heard = open.onsets(30.5, 32.3, { clicks, latencyS });
    expect(heard).toHaveLength(strums.length);
    for (const [index, at] of heard.entries()) {
      expect(Math.abs(at - 30 - (strums[index] ?? 0))).toBeLessThan(0.01);
    }
    open.close();
  });

  test("a simulated player strums what is expected; a real one is left to play", async () => {
    const open = await ear.openEar("steady", () => undefined);
    const expected = [10.5, 11, 11.5, 12];
    open.expect(expected);
    expect(started).toHaveLength(4);
    for (const [index, { atS }] of started.entries()) {
      expect(Math.abs(atS - (expected[index] ?? 0))).toBeLessThan(0.05);
    }
    open.close();
    started.length = 0;
    const real = await ear.openEar("microphone", () => undefined);
    real.expect(expected);
    expect(started).toEqual([]);
    real.close();
  });

  test("closing stops the microphone; unplugging it is told; a refusal is passed on", async () => {
    let lost = 0;
    const open = await ear.openEar("microphone", () => void lost++);
    track.onended?.();
    expect(lost).toBe(1);
    open.close();
    expect([stops, track.onended, onBlock]).toEqual([1, null, null]);
    refusal = new Error("blocked");
    await expect(ear.openEar("microphone", () => undefined)).rejects.toThrow("blocked");
  });

  test("what was not heard is silence: nothing is made up for it", async () => {
    const open = await ear.openEar("microphone", () => undefined);
    expect(open.onsets(100, 104, null)).toEqual([]);
    open.close();
  });
});

describe("the delay", () => {
  const measure = async (heardAt: readonly number[]) => {
    jest.useFakeTimers();
    const open = await ear.openEar("microphone", () => undefined);
    const asked = ear.measureLatencyMs(open, 0.5);
    await jest.advanceTimersByTimeAsync(10);
    const firstS = started[0]?.atS ?? NaN;
    const click = clickSamples("accent", RATE);
    hand(
      mixed(
        5,
        heardAt.map((at) => [at + 0.5, click] as const),
      ),
      firstS - 0.5,
    );
    await jest.advanceTimersByTimeAsync(6000);
    const ms = await asked;
    open.close();
    return ms;
  };

  test("is how much later than they left the clock eight clicks are heard", async () => {
    const late = Array.from({ length: 8 }, (_, index) => index * 0.5 + 0.12);
    expect(await measure(late)).toBeCloseTo(120, -1);
    expect(started).toHaveLength(8);
  });

  test("is not known where fewer than five are heard", async () => {
    expect(await measure([0.12, 0.62, 1.12])).toBeNull();
    started.length = 0;
    expect(await measure([])).toBeNull();
  });
});
