/**
 * Low-pass filtering before pitch detection. Even-order Butterworth, as a cascade of second-order
 * sections in the bilinear form of R. Bristow-Johnson's "Cookbook formulae for audio EQ biquad
 * filter coefficients".
 */
interface Section {
  readonly b0: number;
  readonly b1: number;
  readonly b2: number;
  readonly a1: number;
  readonly a2: number;
}

/**
 * Filters a signal and returns a new one of the same length.
 *
 * @param samples amplitude over time, any unit
 * @param cutoffHz where the signal is 3 dB down; below half the rate
 * @param sampleRate samples per second
 * @param order even; 6 dB per octave each
 */
export function lowPass(
  samples: Float32Array,
  cutoffHz: number,
  sampleRate: number,
  order: number,
): Float32Array<ArrayBuffer> {
  const filtered = Float32Array.from(samples);
  for (let pair = 0; pair < order / 2; pair++) {
    const quality = 1 / (2 * Math.cos(((2 * pair + 1) * Math.PI) / (2 * order)));
    runSection(filtered, makeSection(cutoffHz, sampleRate, quality));
  }
  return filtered;
}

/** Every so-many-th sample; what lies above half the new rate must have been filtered out before. */
export function decimate(samples: Float32Array, factor: number): Float32Array<ArrayBuffer> {
  if (factor === 1) return Float32Array.from(samples);
  return Float32Array.from(
    { length: Math.floor(samples.length / factor) },
    (_, index) => samples[index * factor] ?? 0,
  );
}

function makeSection(cutoffHz: number, sampleRate: number, quality: number): Section {
  const omega = (2 * Math.PI * cutoffHz) / sampleRate;
  const alpha = Math.sin(omega) / (2 * quality);
  const cosine = Math.cos(omega);
  const a0 = 1 + alpha;
  const b1 = (1 - cosine) / a0;
  return { b0: b1 / 2, b1, b2: b1 / 2, a1: (-2 * cosine) / a0, a2: (1 - alpha) / a0 };
}

function runSection(samples: Float32Array, { b0, b1, b2, a1, a2 }: Section): void {
  let x1 = 0;
  let x2 = 0;
  let y1 = 0;
  let y2 = 0;
  for (let index = 0; index < samples.length; index++) {
    const x = samples[index] ?? 0;
    const y = b0 * x + b1 * x1 + b2 * x2 - a1 * y1 - a2 * y2;
    x2 = x1;
    x1 = x;
    y2 = y1;
    y1 = y;
    samples[index] = y;
  }
}
