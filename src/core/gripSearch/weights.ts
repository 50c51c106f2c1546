import { type Fretting } from "@/core/fretting";
import { type Midi } from "@/core/pitch";
import { pairRoughness } from "@/core/sound";

export const WEIGHT_NAMES = ["ease", "usual", "low", "clear", "ringing", "retuning"] as const;
export type WeightName = (typeof WEIGHT_NAMES)[number];

/** How much each term counts to this player: 0 not at all, 1 as it stands. */
export type Weights = Readonly<Record<WeightName, number>>;

export const HIGHEST_WEIGHT = 3;
export const DEFAULT_WEIGHTS: Weights = {
  ease: 1,
  usual: 1,
  low: 0,
  clear: 0,
  ringing: 0,
  retuning: 1,
};

/** Effort points per semitone of the lowest note over the low E of standard tuning (a judgement). */
const PER_SEMITONE = 1;
const LOW_E: Midi = 40;
/** Effort points per plain fifth's worth of roughness between two notes (a judgement). */
export const PER_ROUGHNESS = 4;
/** Effort points off for each string that rings open (a judgement). */
export const PER_RINGING = 2;

/** What a grip costs beside its effort, in effort points; lower is better, and less than 0 a gain. */
interface SoundCost {
  readonly low: number;
  readonly clear: number;
  readonly ringing: number;
}

/** The sound's terms of a grip; those that do not count are 0. `pitches` must not be empty. */
export function soundCost(
  fretting: Fretting,
  pitches: readonly Midi[],
  { low, clear, ringing }: Weights,
): SoundCost {
  let rough = 0;
  if (clear > 0) {
    for (const [index, midi] of pitches.entries()) rough += roughnessWith(midi, pitches, index);
  }
  return {
    low: low > 0 ? lowCost(Math.min(...pitches)) : 0,
    clear: PER_ROUGHNESS * rough,
    ringing: ringing > 0 ? -PER_RINGING * fretting.filter((fret) => fret === 0).length : 0,
  };
}

/** The roughness of a note with those before it, in plain fifths. */
export function roughnessWith(midi: Midi, others: readonly Midi[], count = others.length): number {
  let sum = 0;
  for (let other = 0; other < count; other++) sum += pairRoughness(others[other] ?? midi, midi);
  return sum;
}

export function lowCost(lowest: Midi): number {
  return PER_SEMITONE * (lowest - LOW_E);
}

/** What a retuning costs this player, in effort points. */
export function weighRetuning(points: number, { retuning }: Weights): number {
  return retuning * points;
}

/** What a grip costs this player: its effort, what players prefer, and its sound, each times its weight. */
export function weighGrip(
  effort: number,
  preference: number,
  { low, clear, ringing }: SoundCost,
  weights: Weights,
): number {
  return (
    weights.ease * effort +
    weights.usual * preference +
    weights.low * low +
    weights.clear * clear +
    weights.ringing * ringing
  );
}
