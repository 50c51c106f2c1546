import { centsOver, frequencyHz, nearestMidi, type Midi } from "@/core/pitch";

/** The low note that sounding notes point to together, as the difference tones under gain do. */
export interface ImpliedNote {
  readonly hz: number;
  /** The nearest note, at the reference pitch. */
  readonly midi: Midi;
  /** Which multiples of it the sounding notes are, lowest first: [3, 4, 5] for fifth, root, third. */
  readonly multiples: readonly number[];
  /** How far the worst sounding note is from its multiple, in cents. */
  readonly centsOff: number;
  /** Between difference tones that should be one, in Hz: none is 0, fast is tension. */
  readonly beatHz: number;
  /** A cabinet only passes what is above its corner frequency; below it, the ear supplies the note. */
  readonly audibility: "heard" | "implied" | "below hearing";
}

/** Below this a note has no pitch, in Hz (the usual lower limit of hearing, from memory). */
const LOWEST_HEARD_HZ = 20;
/** Further than this from a multiple, a note no longer implies it (a judgement). */
const MAX_CENTS_OFF = 20;
/** A note further away than this is not heard as a root (a judgement). */
const MAX_REMOTE = 12;

/**
 * The highest note below the lowest sounding one of which all are nearly whole multiples; null
 * where there is none, and for a note with its octaves, which point to themselves. A fifth over its
 * root points to the root an octave down, a fourth to its upper note two octaves down.
 */
export function impliedNote(
  pitches: readonly Midi[],
  a4Hz: number,
  cabinetHz: number,
): ImpliedNote | null {
  const soundingHz = [...new Set(pitches)].sort((a, b) => a - b).map((m) => frequencyHz(m, a4Hz));
  const lowestHz = soundingHz[0];
  if (lowestHz === undefined) return null;
  for (let remote = 1; remote <= MAX_REMOTE; remote++) {
    const hz = lowestHz / remote;
    const multiples = soundingHz.map((each) => Math.round(each / hz));
    const centsOff = Math.max(
      ...soundingHz.map((each, i) => Math.abs(centsOver((multiples[i] ?? 1) * hz, each))),
    );
    if (centsOff > MAX_CENTS_OFF) continue;
    if (remote === 1) return null;
    return {
      hz,
      midi: nearestMidi(hz, a4Hz),
      multiples,
      centsOff,
      beatHz: differenceBeatHz(soundingHz, multiples),
      audibility: hz < LOWEST_HEARD_HZ ? "below hearing" : hz < cabinetHz ? "implied" : "heard",
    };
  }
  return null;
}

/** The widest gap between difference tones that stand for the same multiple. */
function differenceBeatHz(soundingHz: readonly number[], multiples: readonly number[]): number {
  const lowest = new Map<number, number>();
  const highest = new Map<number, number>();
  for (const [high, highHz] of soundingHz.entries()) {
    for (let low = 0; low < high; low++) {
      const multiple = (multiples[high] ?? 0) - (multiples[low] ?? 0);
      const differenceHz = highHz - (soundingHz[low] ?? 0);
      lowest.set(multiple, Math.min(lowest.get(multiple) ?? Infinity, differenceHz));
      highest.set(multiple, Math.max(highest.get(multiple) ?? 0, differenceHz));
    }
  }
  return Math.max(0, ...[...lowest].map(([multiple, hz]) => (highest.get(multiple) ?? hz) - hz));
}
