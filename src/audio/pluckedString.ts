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
  for (let partial = 1; partial <= HIGHEST_PARTIAL; partial++) {
    const hz = partial * string.idealHz * Math.sqrt(1 + string.inharmonicity * partial ** 2);
    if (hz > HIGHEST_SHARE * sampleRate) break;
    addPartial(samples, string, partial, hz, sampleRate, 2 * Math.PI * random());
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

function addPartial(
  samples: Float32Array,
  string: PluckedString,
  partial: number,
  hz: number,
  sampleRate: number,
  startPhase: number,
): void {
  const amplitude = Math.sin(partial * Math.PI * string.pluckShare) / partial;
  const fade = Math.exp((-1 - FADE_PER_PARTIAL * (partial - 1)) / (string.decayS * sampleRate));
  const glideFade = Math.exp(-1 / (string.glideS * sampleRate));
  const step = (2 * Math.PI * hz) / sampleRate;
  let level = amplitude;
  let glide = string.glideCents;
  let phase = startPhase;
  for (let index = 0; index < samples.length; index++) {
    samples[index] = (samples[index] ?? 0) + level * Math.sin(phase);
    phase += step * 2 ** (glide / 1200);
    level *= fade;
    glide *= glideFade;
  }
}

/** A normally distributed number, after Box and Muller. */
function gaussian(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
