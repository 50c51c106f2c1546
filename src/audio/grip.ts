import { type Manner } from "./manners";
import { EXAMPLE_STRING, pluck } from "./pluckedString";
import { seededRandom } from "@/core/random";

interface Playing {
  /** Between two strings of one stroke, in s. */
  readonly stringS: number;
  /** Time for the first partial to fall to 1/e, in s. */
  readonly decayS: number;
  /** How long one stroke sounds, in s, counted from its last string. */
  readonly ringS: number;
  readonly strokes: number;
  /** Between two strokes, in s. */
  readonly strokeS: number;
}

/** All judgements: what sounds like a hand on an electric guitar. */
const PLAYING: Readonly<Record<Manner, Playing>> = {
  strum: { stringS: 0.018, decayS: 1.6, ringS: 2.2, strokes: 1, strokeS: 0 },
  pick: { stringS: 0.34, decayS: 1.6, ringS: 2, strokes: 1, strokeS: 0 },
  mute: { stringS: 0.006, decayS: 0.09, ringS: 0.35, strokes: 4, strokeS: 0.26 },
  choke: { stringS: 0.006, decayS: 0.018, ringS: 0.12, strokes: 4, strokeS: 0.26 },
};

/** Half of what is usual: a guitar has nothing to say above 11 kHz. */
export const GRIP_SAMPLE_HZ = 22_050;
const PEAK = 0.9;
/** A damped string's pick is heard as a knock: hardly any pitch glide and no hiss. */
const CLEAN_STRING = { ...EXAMPLE_STRING, glideCents: 4, signalToNoiseDb: 60 };

/**
 * The sound of a grip as samples at `GRIP_SAMPLE_HZ`, at most 0.9 in amplitude; empty for no note.
 *
 * @param frequenciesHz of the ringing strings, in the order they are struck
 * @param strokes how often; as one hears a manner by itself, unless it is said
 */
export function gripSamples(
  frequenciesHz: readonly number[],
  manner: Manner,
  strokes = PLAYING[manner].strokes,
): Float32Array<ArrayBuffer> {
  const { stringS, decayS, ringS, strokeS } = PLAYING[manner];
  const strings = frequenciesHz.length;
  if (strings === 0) return new Float32Array(0);
  const seconds = (strings - 1) * stringS + (strokes - 1) * strokeS + ringS;
  const mixed = new Float32Array(Math.round(seconds * GRIP_SAMPLE_HZ));
  for (const [index, idealHz] of frequenciesHz.entries()) {
    const string = { ...CLEAN_STRING, idealHz, decayS };
    const note = pluck(string, ringS, GRIP_SAMPLE_HZ, seededRandom(index + 1));
    for (let stroke = 0; stroke < strokes; stroke++) {
      addAt(mixed, note, Math.round((index * stringS + stroke * strokeS) * GRIP_SAMPLE_HZ));
    }
  }
  const peak = mixed.reduce((max, sample) => Math.max(max, Math.abs(sample)), 0);
  return mixed.map((sample) => (PEAK / peak) * sample);
}

function addAt(mixed: Float32Array, note: Float32Array, start: number): void {
  for (let index = 0; index < note.length && start + index < mixed.length; index++) {
    mixed[start + index] = (mixed[start + index] ?? 0) + (note[index] ?? 0);
  }
}
