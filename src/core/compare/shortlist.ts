import { type Midi } from "@/core/pitch";

export interface ScoredTuning {
  readonly midi: readonly Midi[];
  /** Effort points: the chords and the retuning, each times its weight. */
  readonly score: number;
  /** Effort points of the retuning alone, unweighted. */
  readonly retuning: number;
}

/** The best tunings of a search so far, up to a number. */
interface Shortlist {
  readonly best: () => readonly ScoredTuning[];
  /** What a tuning must not exceed to come in; Infinity while there is room. */
  readonly worst: () => number;
  readonly offer: (tuning: ScoredTuning) => void;
}

export function makeShortlist(max: number): Shortlist {
  const best: ScoredTuning[] = [];
  const known = new Set<string>();
  return {
    best: () => [...best],
    worst: () => (best.length < max ? Infinity : (best.at(-1)?.score ?? Infinity)),
    offer: (tuning) => {
      const key = tuning.midi.join();
      if (tuning.score === Infinity || known.has(key)) return;
      const place = best.findIndex((other) => compareTunings(tuning, other) < 0);
      if (place < 0 && best.length >= max) return;
      known.add(key);
      best.splice(place < 0 ? best.length : place, 0, tuning);
      if (best.length > max) best.pop();
    },
  };
}

/** Scores that differ only in the last digits of a sum are the same. */
const SAME_SCORE = 1e-7;

/** The better first; of equals the one that is nearer, then the one whose thick strings are tuned lower. */
function compareTunings(a: ScoredTuning, b: ScoredTuning): number {
  const difference = a.score - b.score;
  if (Math.abs(difference) > SAME_SCORE) return difference;
  if (a.retuning !== b.retuning) return a.retuning - b.retuning;
  const string = a.midi.findIndex((midi, index) => midi !== b.midi[index]);
  return (a.midi[string] ?? 0) - (b.midi[string] ?? 0);
}
