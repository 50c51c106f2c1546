import FFT from "fft.js";

const WINDOW_S = 0.023;
const HOP_S = 0.0053;
/** The flux that counts as an onset: so many times the median about it, and at least this much (judgements). */
const [OVER_MEDIAN, MIN_FLUX] = [2, 0.4];
const MEDIAN_S = 0.25;
/** The strings of one strum follow each other within this time. */
const STRUM_S = 0.045;
/** A strum begins where the flux has grown to this share of its peak. */
const BEGUN_SHARE = 0.25;
/** Two onsets closer than this are one. */
const MIN_APART_S = 0.05;
/** What lies further below the loudest window than this is no strum. */
const FLOOR_DB = -45;
/** Magnitudes are compared by their logarithm, so that a soft strum after a loud one is heard. */
const COMPRESSION = 1000;
/** The exact place is where the sound rises most, looked for so far about the flux's peak. */
const SEEK_S = 0.016;
const RISE_S = 0.001;
const RISE_SHARE = 0.3;

/**
 * When strings are struck, in s from the first sample, by spectral flux (Dixon, "Onset detection revisited", DAFx 2006,
 * from memory): the growth of log magnitudes from window to window, over the median about it.
 *
 * @param samples amplitude over time, -1 to 1
 */
export function detectOnsets(samples: Float32Array, sampleRate: number): readonly number[] {
  const size = 2 ** Math.round(Math.log2(WINDOW_S * sampleRate));
  const hop = Math.round(HOP_S * sampleRate);
  const { flux, level } = fluxOf(samples, size, hop);
  const loudest = level.reduce((max, each) => Math.max(max, each), 0);
  const floor = loudest * 10 ** (FLOOR_DB / 20);
  const reach = Math.round(MEDIAN_S / HOP_S / 2);
  const strum = Math.round(STRUM_S / HOP_S);
  const onsets: number[] = [];
  for (let frame = 1; frame < flux.length - 1; frame++) {
    const here = flux[frame] ?? 0;
    if (here < (flux[frame - 1] ?? 0) || here <= (flux[frame + 1] ?? 0)) continue;
    if (here < MIN_FLUX || (level[frame] ?? 0) < floor) continue;
    const usual = middle(flux.slice(Math.max(0, frame - reach), frame + reach + 1));
    if (here < OVER_MEDIAN * usual) continue;
    // A strum takes the strings one after another: its time is that of the first.
    const min = usual + BEGUN_SHARE * (here - usual);
    let begun = frame;
    while (begun > 0 && frame - begun < strum && (flux[begun - 1] ?? 0) > min) begun--;
    const at = riseNear(samples, sampleRate, (begun * hop + size / 2) / sampleRate);
    if (at - (onsets.at(-1) ?? -Infinity) >= MIN_APART_S) onsets.push(at);
  }
  return onsets;
}

interface Flux {
  /** The mean growth of a bin from one window to the next. */
  readonly flux: Float32Array;
  /** The loudest sample of each window. */
  readonly level: Float32Array;
}

function fluxOf(samples: Float32Array, size: number, hop: number): Flux {
  // Windows reach beyond both ends, so that a strum at either is seen.
  const padded = new Float32Array(samples.length + 2 * size);
  padded.set(samples, size);
  const skipped = Math.round(size / hop);
  const frames = Math.max(0, Math.floor((padded.length - size) / hop));
  const hann = Float32Array.from(
    { length: size },
    (_, index) => 0.5 - 0.5 * Math.cos((2 * Math.PI * index) / size),
  );
  const transform = new FFT(size);
  const spectrum = transform.createComplexArray();
  const windowed = new Float32Array(size);
  const bins = size / 2;
  let before = new Float32Array(bins);
  let now = new Float32Array(bins);
  const [flux, level] = [new Float32Array(frames), new Float32Array(frames)];
  for (let frame = 0; frame < frames; frame++) {
    const start = frame * hop + size - skipped * hop;
    let loudest = 0;
    for (let index = 0; index < size; index++) {
      const sample = padded[start + index] ?? 0;
      loudest = Math.max(loudest, Math.abs(sample));
      windowed[index] = sample * (hann[index] ?? 0);
    }
    transform.realTransform(spectrum, windowed);
    let growth = 0;
    for (let bin = 0; bin < bins; bin++) {
      const power = Math.hypot(spectrum[2 * bin] ?? 0, spectrum[2 * bin + 1] ?? 0) / bins;
      now[bin] = Math.log1p(COMPRESSION * power);
      growth += Math.max(0, (now[bin] ?? 0) - (before[bin] ?? 0));
    }
    flux[frame] = (growth / bins) * SENSITIVITY;
    level[frame] = loudest;
    [before, now] = [now, before];
  }
  return { flux: flux.subarray(skipped), level: level.subarray(skipped) };
}

/** Brings the growth of a strum on one string to about 1. */
const SENSITIVITY = 10;

/** Where the level first grows towards its height about a time, in s. */
function riseNear(samples: Float32Array, sampleRate: number, aboutS: number): number {
  const step = Math.max(1, Math.round(RISE_S * sampleRate));
  const first = Math.max(0, Math.round((aboutS - SEEK_S) * sampleRate));
  const last = Math.min(samples.length, Math.round((aboutS + SEEK_S) * sampleRate));
  const levels: number[] = [];
  for (let start = first; start < last; start += step) {
    let loudest = 0;
    for (let index = start; index < Math.min(last, start + step); index++) {
      const grown = Math.abs((samples[index] ?? 0) - (samples[index - 1] ?? 0));
      loudest = Math.max(loudest, grown);
    }
    levels.push(loudest);
  }
  const before = Math.min(...levels.slice(0, 3));
  const height = Math.max(...levels);
  const rise = levels.findIndex((each) => each - before >= RISE_SHARE * (height - before));
  return (first + Math.max(0, rise) * step) / sampleRate;
}

function middle(values: Float32Array): number {
  const sorted = values.toSorted();
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}
