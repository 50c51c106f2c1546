import { detectPitch, LONGEST_SOUND_S, type DetectedPitch } from "./detectPitch";

/** What the tuner shows: the last steady pitch, kept after the string has fallen silent. */
export interface Reading {
  readonly hz: number;
  /** False once the string has faded; the pitch is then the last one heard. */
  readonly isLive: boolean;
  readonly isRough: boolean;
  /** How far the pitch has moved since this pluck was first heard steadily, as a ratio. */
  readonly driftRatio: number;
}

/** What is known of the sound so far. Times in s on the clock of the samples. */
export interface Listening {
  /** When the present pluck began; null while it is quiet. */
  readonly pluckedAt: number | null;
  readonly level: number;
  /** The last few pitches of this pluck, oldest first. */
  readonly recent: readonly DetectedPitch[];
  readonly firstHz: number | null;
  readonly reading: Reading | null;
}

export const SILENCE: Listening = {
  pluckedAt: null,
  level: 0,
  recent: [],
  firstHz: null,
  reading: null,
};

/** Root mean square below which there is no string to hear (-60 dB of full scale; a judgement). */
const QUIET_LEVEL = 0.001;
/** A rise in level by this factor is a new pluck. */
const PLUCK_RISE = 2;
const LEVEL_WINDOW_S = 0.05;
/** The attack reads sharp; what sounds within this time of a pluck is left out. */
const ATTACK_S = 0.08;
/** The reading is the median of this many pitches; their windows overlap. */
const MEDIAN_OF = 5;
const FEWEST_FOR_READING = 2;

/** So much of the newest sound is of use to `listen`, in s. */
export const HEARD_S = LONGEST_SOUND_S + ATTACK_S;

/**
 * Takes in the newest sound and answers what the tuner should show. Call it about ten times a
 * second with the last `HEARD_S` seconds.
 *
 * @param samples amplitude over time, -1 to 1, oldest first
 * @param now time of the newest sample in s
 */
export function listen(
  before: Listening,
  samples: Float32Array,
  sampleRate: number,
  now: number,
): Listening {
  const level = rootMeanSquare(samples.subarray(-Math.round(LEVEL_WINDOW_S * sampleRate)));
  if (level < QUIET_LEVEL) {
    return { ...SILENCE, reading: kept(before) };
  }
  const isNew = before.pluckedAt === null || level > PLUCK_RISE * before.level;
  const pluckedAt = isNew || before.pluckedAt === null ? now : before.pluckedAt;
  const pluck = { ...before, level, pluckedAt, ...(isNew ? { recent: [], firstHz: null } : {}) };
  const heardS = now - pluckedAt - ATTACK_S;
  const pitch =
    heardS > 0 ? detectPitch(samples.slice(-Math.round(heardS * sampleRate)), sampleRate) : null;
  if (!pitch) return { ...pluck, reading: kept(before) };
  const recent = [...pluck.recent, pitch].slice(-MEDIAN_OF);
  if (recent.length < FEWEST_FOR_READING) return { ...pluck, recent };
  const hz = median(recent.map((each) => each.hz));
  const firstHz = pluck.firstHz ?? hz;
  const isRough = recent.some((each) => each.isRough);
  const reading = { hz, isLive: true, isRough, driftRatio: hz / firstHz };
  return { ...pluck, recent, firstHz, reading };
}

/** The last reading, held but no longer live. */
function kept({ reading }: Listening): Reading | null {
  return reading && { ...reading, isLive: false };
}

function rootMeanSquare(samples: Float32Array): number {
  return Math.sqrt(samples.reduce((sum, sample) => sum + sample ** 2, 0) / samples.length);
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length / 2;
  const [low = NaN, high = NaN] = [sorted[Math.ceil(middle) - 1], sorted[Math.floor(middle)]];
  return (low + high) / 2;
}
