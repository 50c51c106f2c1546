import { PitchDetector } from "pitchy";
import { decimate, lowPass } from "./lowPass";

/** The range that the tuner hears, in Hz: the lowest string of a ten-string guitar to a high one. */
const LOWEST_DETECTED_HZ = 18;
const HIGHEST_DETECTED_HZ = 1000;

export interface DetectedPitch {
  readonly hz: number;
  /** How purely periodic the sound is, 0 to 1 (the McLeod pitch method's clarity). */
  readonly clarity: number;
  /** The first partial could not be told apart (many microphones drop it), so this may read sharp. */
  readonly isRough: boolean;
}

interface Period {
  readonly hz: number;
  readonly clarity: number;
}

/** Below this clarity there is no pitch to speak of. */
const MIN_CLARITY = 0.8;

/** First look: cut above this, and listen over this many periods of the lowest pitch. */
const COARSE_CUTOFF_HZ = 2000;
const COARSE_RATE_HZ = 12_000;
const COARSE_WINDOW_S = 0.16;

/**
 * Second look: only the first partial is let through, because the higher ones of a stiff string
 * read sharp. The cutoff lies this far above the first look's pitch, so that the second partial is
 * 33 dB down.
 */
const FINE_CUTOFF_RATIO = 1.25;
const FINE_ORDER = 8;
/** Samples per period that the second look keeps. */
const FINE_SAMPLES_PER_PERIOD = 48;
/** Periods after which the filter has settled. */
const SETTLING_PERIODS = 4;
/** Periods to listen over, within these bounds in s. */
const FINE_PERIODS = 16;
const SHORTEST_WINDOW_S = 0.15;
const LONGEST_WINDOW_S = 0.75;
/** Where the second look lies further than this from the first, it caught something else. */
const LARGEST_DISAGREEMENT = 2 ** (1 / 12);

/**
 * The pitch of a sounding string's first partial; null where there is none, or where the sound is
 * too short for so low a pitch. Uses the end of `samples`; `longestSoundS` of them are enough for any
 * pitch. Detection itself is McLeod and Wyvill's method (ICMC 2005), in the package pitchy.
 *
 * @param samples amplitude over time, -1 to 1, oldest first
 */
export function detectPitch(samples: Float32Array, sampleRate: number): DetectedPitch | null {
  const coarse = detectCoarsely(samples, sampleRate);
  if (!coarse) return null;
  const window = fineWindow(samples, sampleRate, coarse.hz);
  if (!window) return null;
  const fine = detectFinely(window, sampleRate, coarse.hz);
  return fine && agree(fine.hz, coarse.hz)
    ? { ...fine, isRough: false }
    : { ...coarse, isRough: true };
}

function agree(a: number, b: number): boolean {
  return Math.max(a / b, b / a) < LARGEST_DISAGREEMENT;
}

/** The longest sound in s that `detectPitch` has a use for. */
export const LONGEST_SOUND_S = LONGEST_WINDOW_S + SETTLING_PERIODS / LOWEST_DETECTED_HZ;

function detectCoarsely(samples: Float32Array, sampleRate: number): Period | null {
  const factor = Math.max(1, Math.floor(sampleRate / COARSE_RATE_HZ));
  const rate = sampleRate / factor;
  const length = Math.round(COARSE_WINDOW_S * rate);
  const settled = samples.slice(-(length + 200) * factor);
  const quiet = decimate(lowPass(settled, COARSE_CUTOFF_HZ, sampleRate, 4), factor);
  return quiet.length < length ? null : findPeriod(quiet.slice(-length), rate);
}

/** The end of the sound that the second look needs; null where there is not enough of it. */
function fineWindow(
  samples: Float32Array,
  sampleRate: number,
  coarseHz: number,
): Float32Array | null {
  const length = Math.round((windowS(coarseHz) + SETTLING_PERIODS / coarseHz) * sampleRate);
  return samples.length < length ? null : samples.subarray(-length);
}

function windowS(coarseHz: number): number {
  return Math.min(LONGEST_WINDOW_S, Math.max(SHORTEST_WINDOW_S, FINE_PERIODS / coarseHz));
}

function detectFinely(sound: Float32Array, sampleRate: number, coarseHz: number): Period | null {
  const factor = Math.max(1, Math.floor(sampleRate / (coarseHz * FINE_SAMPLES_PER_PERIOD)));
  const rate = sampleRate / factor;
  const cutoffHz = FINE_CUTOFF_RATIO * coarseHz;
  const partial = decimate(lowPass(sound, cutoffHz, sampleRate, FINE_ORDER), factor);
  return findPeriod(partial.slice(-Math.round(windowS(coarseHz) * rate)), rate);
}

/** Detectors keep their buffers; each length of window has one. */
const detectors = new Map<number, PitchDetector<Float32Array<ArrayBuffer>>>();

function findPeriod(samples: Float32Array<ArrayBuffer>, rate: number): Period | null {
  const { length } = samples;
  const detector = detectors.get(length) ?? PitchDetector.forFloat32Array(length);
  detectors.set(length, detector);
  const [hz, clarity] = detector.findPitch(samples, rate);
  const isHeard = hz >= LOWEST_DETECTED_HZ && hz <= HIGHEST_DETECTED_HZ && clarity >= MIN_CLARITY;
  return isHeard ? { hz, clarity } : null;
}
