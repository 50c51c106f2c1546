import { centsOver, frequencyHz, type Midi } from "@/core/pitch";

/** Two sounding notes whose pitches stand nearly in a ratio of small whole numbers. */
export interface Beat {
  readonly low: Midi;
  readonly high: Midi;
  /** The just ratio, high to low: [3, 2] for a fifth. */
  readonly ratio: readonly [high: number, low: number];
  /** How often the nearly common partials beat: |p f_low - q f_high| for a ratio of p to q, in Hz. */
  readonly hz: number;
}

const MAX_CENTS_OFF = 20;
const LARGEST_LOW = 6;
const LARGEST_HIGH = 16;

/** The beating of every two notes that are near a simple ratio, slow or fast; unisons left out. */
export function beatsOf(pitches: readonly Midi[], a4Hz: number): readonly Beat[] {
  const sorted = [...new Set(pitches)].sort((a, b) => a - b);
  return sorted.flatMap((low, index) =>
    sorted.slice(index + 1).flatMap((high): Beat[] => {
      const lowHz = frequencyHz(low, a4Hz);
      const highHz = frequencyHz(high, a4Hz);
      const ratio = simpleRatio(highHz / lowHz);
      return ratio
        ? [{ low, high, ratio, hz: Math.abs(ratio[0] * lowHz - ratio[1] * highHz) }]
        : [];
    }),
  );
}

/** The simplest ratio within 20 cents, by the product of its numbers; null where there is none. */
export function simpleRatio(quotient: number): readonly [high: number, low: number] | null {
  let best: readonly [number, number] | null = null;
  for (let low = 1; low <= LARGEST_LOW; low++) {
    const high = Math.round(quotient * low);
    if (high < 1 || high > LARGEST_HIGH) continue;
    if (Math.abs(centsOver(high / low, quotient)) > MAX_CENTS_OFF) continue;
    if (!best || high * low < best[0] * best[1]) best = [high, low];
  }
  return best;
}
