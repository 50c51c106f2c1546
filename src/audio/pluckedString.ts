import { gaussian } from "@/core/random";

/** A plucked string made by computation: known exactly, so that a tuner can be checked against it. */
export interface PluckedString {
  /** Frequency of the ideal, limp string in Hz; see `firstPartialHz` for what is heard. */
  readonly idealHz: number;
  /** B in f_n = n f sqrt(1 + B n^2) (Fletcher, J. Acoust. Soc. Am. 36, 1964). */
  readonly inharmonicity: number;
  /** Where it is plucked, as a share of its length from the bridge. */
  readonly pluckShare: number;
  /** Time for the first partial to fall to 1/e, in s; higher ones fall faster. */
  readonly decayS: number;
  /** How much sharper the attack is, in cents, and how fast that is gone (time to 1/e, in s). */
  readonly glideCents: number;
  readonly glideS: number;
  /** Signal over white noise in dB, by mean power over the whole sound. */
  readonly signalToNoiseDb: number;
}

export const EXAMPLE_STRING: Omit<PluckedString, "idealHz"> = {
  inharmonicity: 1e-4,
  pluckShare: 0.18,
  decayS: 2.5,
  glideCents: 8,
  glideS: 0.08,
  signalToNoiseDb: 30,
};

const HIGHEST_PARTIAL = 40;
/** Share of the sample rate above which no partial is made. */
const HIGHEST_SHARE = 0.45;
/** How much faster each higher partial fades than the first: 1 + this times (n - 1). */
const FADE_PER_PARTIAL = 0.25;
const PEAK = 0.5;
/** Partials that have faded below this are left out: 100 dB under the first. */
const INAUDIBLE = 1e-5;

/** The frequency of the string's first partial in Hz, once the attack is over. */
export function firstPartialHz({ idealHz, inharmonicity }: PluckedString): number {
  return idealHz * Math.sqrt(1 + inharmonicity);
}

/**
 * The sound of a plucked string, at most 0.5 in amplitude before the noise.
 *
 * @param random numbers evenly spread over 0 to 1, for the noise and the partials' phases
 */
export function pluck(
  string: PluckedString,
  seconds: number,
  sampleRate: number,
  random: () => number,
): Float32Array<ArrayBuffer> {
  const samples = new Float32Array(Math.round(seconds * sampleRate));
  const cycles = glidingCycles(string, samples.length, sampleRate);
  for (let partial = 1; partial <= HIGHEST_PARTIAL; partial++) {
    const hz = partial * string.idealHz * Math.sqrt(1 + string.inharmonicity * partial ** 2);
    if (hz > HIGHEST_SHARE * sampleRate) break;
    const amplitude = Math.sin(partial * Math.PI * string.pluckShare) / partial;
    const decayS = string.decayS / (1 + FADE_PER_PARTIAL * (partial - 1));
    const fade = Math.exp(-1 / (decayS * sampleRate));
    addPartial(samples, cycles, hz, random(), amplitude, fade);
  }
  let peak = 0;
  let power = 0;
  for (const sample of samples) {
    peak = Math.max(peak, Math.abs(sample));
    power += sample ** 2;
  }
  const scale = PEAK / peak;
  const noise = scale * Math.sqrt(power / samples.length) * 10 ** (-string.signalToNoiseDb / 20);
  return samples.map((sample) => scale * sample + noise * gaussian(random));
}

/** The cycles that 1 Hz has gone through at each sample, a little faster at the attack. */
function glidingCycles(
  { glideCents, glideS }: PluckedString,
  length: number,
  sampleRate: number,
): Float64Array {
  const cycles = new Float64Array(length);
  const fade = Math.exp(-1 / (glideS * sampleRate));
  let glide = (glideCents * Math.LN2) / 1200;
  let cycle = 0;
  for (let index = 0; index < length; index++) {
    cycles[index] = cycle;
    cycle += Math.exp(glide) / sampleRate;
    glide *= fade;
  }
  return cycles;
}

function addPartial(
  samples: Float32Array,
  cycles: Float64Array,
  hz: number,
  startCycle: number,
  amplitude: number,
  fade: number,
): void {
  const audible = Math.log(INAUDIBLE / Math.abs(amplitude)) / Math.log(fade);
  const end = Math.min(samples.length, Math.ceil(audible));
  let level = amplitude;
  for (let index = 0; index < end; index++) {
    const cycle = startCycle + hz * (cycles[index] ?? 0);
    samples[index] = (samples[index] ?? 0) + level * sineOfCycle(cycle);
    level *= fade;
  }
}

/** One period of a sine; between its points a straight line is 150 dB close. */
const SINE_POINTS = 16_384;
const SINE = Float64Array.from({ length: SINE_POINTS + 1 }, (_, point) =>
  Math.sin((2 * Math.PI * point) / SINE_POINTS),
);

/** sin(2 pi cycle), from 0 cycles on, from a table: a plucked string takes millions of them. */
function sineOfCycle(cycle: number): number {
  const place = (cycle % 1) * SINE_POINTS;
  const point = place | 0;
  const low = SINE[point] ?? 0;
  return low + (place - point) * ((SINE[point + 1] ?? 0) - low);
}
