import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { centsOver } from "@/core/pitch";
import { detectPitch, LONGEST_SOUND_S } from "./detectPitch";
import { GRIP_SAMPLE_HZ, gripSamples } from "./grip";
import { listen, SILENCE, type Listening } from "./listener";
import { decimate, lowPass } from "./lowPass";
import { MANNERS } from "./manners";
import { EXAMPLE_STRING, firstPartialHz, pluck, type PluckedString } from "./pluckedString";
import { seededRandom } from "@/core/random";
import { harmonicAmplitudes } from "./tone";

const RATE = 48_000;
const EVERY_S = 0.1;

const sine = (hz: number, seconds: number, rate = RATE) =>
  Float32Array.from({ length: Math.round(seconds * rate) }, (_, i) =>
    Math.sin((2 * Math.PI * hz * i) / rate),
  );

const power = (samples: Float32Array) =>
  samples.reduce((sum, sample) => sum + sample ** 2, 0) / samples.length;

describe("the low-pass", () => {
  // A Butterworth filter of order n is 10 log10(1 + (f / fc)^2n) dB down (any signal handbook).
  test.each([
    [0.5, 8],
    [1, 8],
    [1.6, 8],
    [2, 4],
  ])("at %d times its cutoff, order %d", (ratio, order) => {
    const cutoffHz = 500;
    const settled = lowPass(sine(ratio * cutoffHz, 1), cutoffHz, RATE, order).slice(RATE / 2);
    const decibels = -10 * Math.log10(power(settled) / 0.5);
    expect(decibels).toBeCloseTo(10 * Math.log10(1 + ratio ** (2 * order)), 0);
  });

  test("decimation keeps every so-many-th sample", () => {
    expect([...decimate(Float32Array.from([0, 1, 2, 3, 4, 5, 6]), 3)]).toEqual([0, 3]);
  });
});

describe("pitch detection", () => {
  test.each([22, 41.2, 82.4, 110, 440, 700])(
    "a sine of %d Hz is read to a tenth of a cent",
    (hz) => {
      const pitch = detectPitch(sine(hz, LONGEST_SOUND_S + 0.1), RATE);
      expect(Math.abs(centsOver(hz, pitch?.hz ?? NaN))).toBeLessThan(0.1);
      expect(pitch?.isRough).toBe(false);
    },
  );

  test.each([44_100, 96_000])("at a sample rate of %d too", (rate) => {
    const pitch = detectPitch(sine(98, 1.2, rate), rate);
    expect(Math.abs(centsOver(98, pitch?.hz ?? NaN))).toBeLessThan(0.1);
  });

  test("a missing first partial is told by the others, and marked as rough", () => {
    const hz = 55;
    const sound = sine(2 * hz, 1.2).map(
      (sample, i) => sample + Math.sin((6 * Math.PI * hz * i) / RATE),
    );
    const pitch = detectPitch(sound, RATE);
    expect(pitch?.isRough).toBe(true);
    expect(Math.abs(centsOver(hz, pitch?.hz ?? NaN))).toBeLessThan(5);
  });

  test("noise and silence have no pitch, and too little sound has none yet", () => {
    const random = seededRandom(7);
    expect(
      detectPitch(
        Float32Array.from({ length: RATE }, () => 2 * random() - 1),
        RATE,
      ),
    ).toBeNull();
    expect(detectPitch(new Float32Array(RATE), RATE)).toBeNull();
    expect(detectPitch(sine(30, 0.2), RATE)).toBeNull();
    expect(detectPitch(new Float32Array(0), RATE)).toBeNull();
  });
});

describe("a plucked string", () => {
  test("partials of a stiff string lie where its formula puts them", () => {
    const string = { ...EXAMPLE_STRING, idealHz: 100, inharmonicity: 3e-4 };
    // f_n = n f sqrt(1 + B n^2), Fletcher 1964; B = 3e-4, n = 1.
    expect(firstPartialHz(string)).toBeCloseTo(100 * Math.sqrt(1.0003), 9);
  });

  test("the noise is as loud as it says", () => {
    const string = { ...EXAMPLE_STRING, idealHz: 110 };
    const [quiet, loud] = [200, 20].map((signalToNoiseDb) =>
      pluck({ ...string, signalToNoiseDb }, 1, RATE, seededRandom(3)),
    );
    const noise = loud?.map((sample, i) => sample - (quiet?.[i] ?? 0)) ?? new Float32Array(1);
    expect(10 * Math.log10(power(quiet ?? noise) / power(noise))).toBeCloseTo(20, 0);
  });

  test("the same seed gives the same sound", () => {
    const make = () => pluck({ ...EXAMPLE_STRING, idealHz: 82 }, 0.1, RATE, seededRandom(5));
    expect(make()).toEqual(make());
  });
});

/** Plays a sound to the listener as the page does, and answers what it showed each time. */
function hear(sound: Float32Array): readonly Listening[] {
  const shown: Listening[] = [];
  let listening = SILENCE;
  for (let now = EVERY_S; now * RATE <= sound.length; now += EVERY_S) {
    listening = listen(listening, sound.subarray(0, Math.round(now * RATE)), RATE, now);
    shown.push(listening);
  }
  return shown;
}

const stiffString = fc.record<PluckedString>({
  idealHz: fc.double({ min: Math.log2(22), max: Math.log2(700), noNaN: true }).map((x) => 2 ** x),
  inharmonicity: fc.double({ min: 0, max: 3e-4, noNaN: true }),
  pluckShare: fc.double({ min: 0.06, max: 0.45, noNaN: true }),
  decayS: fc.double({ min: 1, max: 4, noNaN: true }),
  glideCents: fc.double({ min: 0, max: 15, noNaN: true }),
  glideS: fc.double({ min: 0.03, max: 0.1, noNaN: true }),
  signalToNoiseDb: fc.constant(20),
});

describe("the tuner", () => {
  test("95 % of its readings lie within 2 cents of the first partial, 22 to 700 Hz at 20 dB", () => {
    const strings = fc.sample(stiffString, { numRuns: 24, seed: 20 });
    const errors = strings.flatMap((string, index) =>
      hear(pluck(string, 2.5, RATE, seededRandom(index + 1)))
        .flatMap(({ reading }) => (reading?.isLive ? [reading.hz] : []))
        .map((hz) => Math.abs(centsOver(firstPartialHz(string), hz))),
    );
    expect(errors.length).toBeGreaterThan(24 * 10);
    expect(errors.filter((cents) => cents <= 2).length / errors.length).toBeGreaterThan(0.95);
  });

  test("a string that falls silent is held, and the next pluck starts over", () => {
    const pluckAt = (idealHz: number) =>
      pluck({ ...EXAMPLE_STRING, idealHz, signalToNoiseDb: 60 }, 1.5, RATE, seededRandom(1));
    const sound = new Float32Array(5 * RATE);
    sound.set(pluckAt(110), 0);
    sound.set(pluckAt(147), 3 * RATE);
    const shown = hear(sound);
    const at = (seconds: number) => shown[Math.round(seconds / EVERY_S) - 1]?.reading;
    expect(at(1.4)).toMatchObject({ isLive: true });
    expect(at(2.5)).toMatchObject({ isLive: false });
    expect(Math.abs(centsOver(110, at(2.5)?.hz ?? NaN))).toBeLessThan(2);
    expect(Math.abs(centsOver(147, at(4.4)?.hz ?? NaN))).toBeLessThan(2);
    expect(at(4.4)).toMatchObject({ isLive: true });
  });

  test("drift is told from the first steady reading on", () => {
    const falling = Float32Array.from({ length: 4 * RATE }, (_, i) => {
      const t = i / RATE;
      // A sine that falls by 5 cents a second.
      return (
        0.5 * Math.sin((2 * Math.PI * 200 * (1 - 2 ** ((-5 * t) / 1200))) / ((5 * Math.LN2) / 1200))
      );
    });
    const last = hear(falling).at(-1)?.reading;
    expect(centsOver(1, last?.driftRatio ?? NaN)).toBeLessThan(-12);
    expect(centsOver(1, last?.driftRatio ?? NaN)).toBeGreaterThan(-20);
  });
});

test("a reference tone has eight harmonics and more, none of them silent", () => {
  const [constant, ...harmonics] = harmonicAmplitudes();
  expect(constant).toBe(0);
  expect(harmonics.length).toBeGreaterThanOrEqual(8);
  expect(Math.min(...harmonics)).toBeGreaterThan(0.1);
});

describe("the sound of a grip", () => {
  const A2 = 110;

  test("rings where it is strummed, is gone at once where it is choked, and never clips", () => {
    for (const manner of MANNERS) {
      const samples = gripSamples([A2, 165, 220], manner);
      const loudest = samples.reduce((max, each) => Math.max(max, Math.abs(each)), 0);
      expect(loudest).toBeCloseTo(0.9, 3);
    }
    const powerAt = (manner: (typeof MANNERS)[number], seconds: number) => {
      const start = Math.round(seconds * GRIP_SAMPLE_HZ);
      const part = gripSamples([A2], manner).subarray(start, start + 1000);
      return part.reduce((sum, each) => sum + each * each, 0) / part.length;
    };
    expect(powerAt("strum", 1)).toBeGreaterThan(5 * powerAt("mute", 0.2));
    expect(powerAt("mute", 0.1)).toBeGreaterThan(10 * powerAt("choke", 0.1));
  });

  test("has the pitch of its string, as the tuner hears it", () => {
    const samples = gripSamples([A2], "strum");
    const heard = detectPitch(samples.slice(4000, 4000 + GRIP_SAMPLE_HZ / 2), GRIP_SAMPLE_HZ);
    expect(Math.abs(centsOver(A2, heard?.hz ?? NaN))).toBeLessThan(5);
  });

  test("of no string is silence", () => expect(gripSamples([], "strum")).toHaveLength(0));
});
