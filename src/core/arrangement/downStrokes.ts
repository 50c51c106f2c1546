import { readTexture } from "@/core/song";
import { type Arrangement } from "./arrange";

/** The default of what a hand can do: down strokes in eighths at this tempo, in quarters a minute (a judgement). */
export const DEFAULT_DOWN_STROKES_BPM = 180;
export const [SLOWEST_DOWN_STROKES_BPM, FASTEST_DOWN_STROKES_BPM] = [80, 300];

const EIGHTH = 0.5;
const ROUNDING = 1e-9;

/** The chords, by their index, whose down strokes follow each other faster than the player's limit. */
export function hardDownStrokes(
  { chords, tempoBpm, quartersPerBeat }: Arrangement,
  limitBpm: number,
): readonly number[] {
  const quarterBpm = tempoBpm * quartersPerBeat;
  return chords.flatMap(({ texture, strikes }, index) => {
    const read = texture === null ? null : readTexture(texture);
    if (!read?.ok || read.value.stroke !== "down") return [];
    const gaps = strikes.flatMap(({ at }, each) =>
      each > 0 ? [at - (strikes[each - 1]?.at ?? 0)] : [],
    );
    const closest = Math.min(...gaps);
    return (EIGHTH / closest) * quarterBpm > limitBpm + ROUNDING ? [index] : [];
  });
}
