import { readTexture } from "@/core/song";
import { type ArrangedChord, type Arrangement } from "./arrange";

/** The default of what a hand can do: down strokes in eighths at this tempo, in quarters a minute (a judgement). */
export const DEFAULT_DOWN_STROKES_BPM = 180;
export const [SLOWEST_DOWN_STROKES_BPM, FASTEST_DOWN_STROKES_BPM] = [80, 300];

const EIGHTH = 0.5;
const ROUNDING = 1e-9;

/** The chords, by their index, whose down strokes follow each other faster than the player's limit. */
export function hardDownStrokes(arrangement: Arrangement, limitBpm: number): readonly number[] {
  return arrangement.chords.flatMap((chord, index) =>
    tempoOf(chord, arrangement, limitBpm) < arrangement.tempoBpm - ROUNDING ? [index] : [],
  );
}

/** The tempo of the song at which its fastest down strokes reach the player's limit; null where there are none. */
export function downStrokeLimit(
  arrangement: Arrangement,
  limitBpm: number,
): { readonly tempoBpm: number; readonly chord: number } | null {
  const tempos = arrangement.chords.map((chord) => tempoOf(chord, arrangement, limitBpm));
  const tempoBpm = Math.min(...tempos);
  return tempoBpm < Infinity ? { tempoBpm, chord: tempos.indexOf(tempoBpm) } : null;
}

/** In the song's own beat; Infinity where no two down strokes follow each other. */
function tempoOf(
  { texture, strikes, playedBar }: ArrangedChord,
  { quartersPerBeat, bars }: Arrangement,
  limitBpm: number,
): number {
  const read = texture === null ? null : readTexture(texture);
  if (!read?.ok || read.value.stroke !== "down") return Infinity;
  const gaps = strikes.slice(1).map(({ at }, index) => at - (strikes[index]?.at ?? 0));
  const { tempoShare = 1 } = bars[playedBar] ?? {};
  return ((Math.min(...gaps) / EIGHTH) * (limitBpm / quartersPerBeat)) / tempoShare;
}
