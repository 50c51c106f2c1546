import { describe, expect, test } from "@jest/globals";
import { clickSamples } from "./band";
import { GRIP_SAMPLE_HZ, gripSamples } from "./grip";
import { detectOnsets } from "./onsets";
import { seededRandom } from "@/core/random";
import { takeOutClicks } from "./takeOutClicks";

const RATE = 44_100;

/** Strums at known times, each still ringing when the next comes, in noise. */
function strums(
  timesS: readonly number[],
  manner: "strum" | "mute" | "choke",
  { noiseDb = -55, hz = [82.4, 123.5] }: { noiseDb?: number; hz?: readonly number[] } = {},
): Float32Array<ArrayBuffer> {
  const random = seededRandom(11);
  const samples = new Float32Array(Math.round(((timesS.at(-1) ?? 0) + 1.5) * RATE));
  const grip = gripSamples(hz, manner, 1);
  for (const at of timesS) {
    const start = Math.round(at * RATE);
    for (let index = 0; index < grip.length * (RATE / GRIP_SAMPLE_HZ); index++) {
      const sample = grip[Math.floor((index * GRIP_SAMPLE_HZ) / RATE)] ?? 0;
      if (start + index < samples.length)
        samples[start + index] = (samples[start + index] ?? 0) + 0.5 * sample;
    }
  }
  const noise = 10 ** (noiseDb / 20);
  return samples.map((sample) => sample + noise * (2 * random() - 1));
}

const wrongMs = (found: readonly number[], expected: readonly number[]) =>
  expected.map((at) => 1000 * Math.min(...found.map((each) => Math.abs(each - at))));

describe("onsets", () => {
  const even = Array.from({ length: 12 }, (_, index) => 0.3 + 0.5 * index);
  const uneven = even.map((at, index) => at + 0.03 * Math.sin(3 * index));

  test.each([
    ["palm-muted", "mute"],
    ["choked", "choke"],
  ] as const)("of %s strums with known times come within 10 ms", (_, manner) => {
    for (const times of [even, uneven]) {
      const found = detectOnsets(strums(times, manner), RATE);
      expect(found).toHaveLength(times.length);
      expect(Math.max(...wrongMs(found, times))).toBeLessThan(10);
    }
  });

  test("of one string that still rings come within 10 ms", () => {
    const found = detectOnsets(strums(even, "strum", { hz: [82.4] }), RATE);
    expect(Math.max(...wrongMs(found, even))).toBeLessThan(10);
  });

  test("low and high strings, eighths at 140, louder noise", () => {
    const eighths = Array.from({ length: 16 }, (_, index) => 0.25 + index * (30 / 140));
    for (const hz of [[41.2], [329.6, 493.9], [61.7, 92.5, 123.5]]) {
      const found = detectOnsets(strums(eighths, "mute", { hz, noiseDb: -40 }), RATE);
      expect(Math.max(...wrongMs(found, eighths))).toBeLessThan(10);
      expect(found.length).toBeLessThanOrEqual(eighths.length + 1);
    }
  });

  test("silence and noise alone have none to speak of", () => {
    expect(detectOnsets(new Float32Array(RATE), RATE)).toEqual([]);
    expect(detectOnsets(new Float32Array(0), RATE)).toEqual([]);
    expect(detectOnsets(strums([], "mute", { noiseDb: -50 }), RATE).length).toBeLessThan(3);
  });
});

describe("a known click", () => {
  const times = [0.3, 0.8, 1.3, 1.8, 2.3, 2.8];
  const click = clickSamples("beat", RATE);
  const withClicks = (samples: Float32Array, at: readonly number[], gain: number) => {
    const mixed = Float32Array.from(samples);
    for (const time of at) {
      const start = Math.round(time * RATE);
      for (const [index, sample] of click.entries())
        mixed[start + index] = (mixed[start + index] ?? 0) + gain * sample;
    }
    return mixed;
  };

  test("is taken out, wherever it falls within 10 ms, and strums between stay where they are", () => {
    const between = times.map((at) => at + 0.23);
    const heard = times.map((at, index) => at + 0.002 * (index - 2));
    const mixed = withClicks(strums(between, "mute"), heard, 0.3);
    const found = detectOnsets(takeOutClicks(mixed, RATE, click, times), RATE);
    expect(found).toHaveLength(between.length);
    expect(Math.max(...wrongMs(found, between))).toBeLessThan(10);
  });

  test("where it did not sound, nothing is taken out", () => {
    const strummed = strums(times, "strum");
    const left = takeOutClicks(
      strummed,
      RATE,
      click,
      times.map((at) => at + 0.2),
    );
    const worst = left.reduce(
      (max, sample, index) => Math.max(max, Math.abs(sample - (strummed[index] ?? 0))),
      0,
    );
    expect(worst).toBeLessThan(0.1);
  });
});
