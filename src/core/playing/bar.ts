import { type ArrangedChord, type Arrangement } from "@/core/arrangement";
import { quartersPerBeat, type Strike } from "@/core/song";

/** A count of a bar. */
interface Count {
  /** In quarters from the beginning of the bar. */
  readonly at: number;
  /** "1", or "&" between two beats. */
  readonly text: string;
  readonly isBeat: boolean;
}

/** A stroke of the picking hand in its bar; times in quarters from the beginning of the bar. */
export interface BarStroke extends Pick<Strike, "touch" | "isAccented" | "stroke" | "picked"> {
  readonly at: number;
  /** Quarters until the next stroke or the end of the chord. */
  readonly length: number;
  /** The chord, by its index in the arrangement. */
  readonly chord: number;
}

/** A rest in a bar, in quarters from its start. */
interface Rest {
  readonly at: number;
  readonly length: number;
}

/** A played bar: its counts, strokes and rests. */
export interface PlayedBar {
  /** Its length in quarters. */
  readonly length: number;
  readonly counts: readonly Count[];
  readonly strokes: readonly BarStroke[];
  readonly rests: readonly Rest[];
}

const EIGHTH = 0.5;
const ROUNDING = 1e-6;

/** Counts, strokes and rests of the bar at an index in `arrangement.bars`; empty for an index out of range. */
export function playedBar(arrangement: Arrangement, bar: number): PlayedBar {
  const { start = 0, beats = 0, meter = "4/4" } = arrangement.bars[bar] ?? {};
  const strokes = strokesIn(arrangement.chords, start, start + beats);
  return {
    length: beats,
    counts: countsOf(meter, beats),
    strokes,
    rests: restsOf(strokes, beats),
  };
}

/** Beats and the "and"s between them; a pick-up counts as the end of a whole bar. */
function countsOf(meter: string, length: number): readonly Count[] {
  const [counts = 4, unit = 4] = meter.split("/").map(Number);
  const [countLength, beat] = [4 / unit, quartersPerBeat(meter)];
  const missing = Math.max(0, Math.round((counts * countLength - length) / countLength));
  const isCompound = beat > countLength;
  const all = Array.from({ length: Math.max(0, counts - missing) }, (_, index) => {
    const [at, count] = [index * countLength, index + missing];
    const isBeat = !isCompound || Math.abs((count * countLength) % beat) < ROUNDING;
    return { at, text: String(count + 1), isBeat };
  });
  if (isCompound || countLength <= EIGHTH) return all;
  const half = countLength / 2;
  return all.flatMap((count) => [count, { at: count.at + half, text: "&", isBeat: false }]);
}

/** Every stroke that falls between two times, in quarters from the beginning of the song. */
function strokesIn(
  chords: readonly ArrangedChord[],
  from: number,
  to: number,
): readonly BarStroke[] {
  return chords.flatMap(({ start, beats, strikes }, chord) => {
    if (start >= to || start + beats <= from) return [];
    return strikes.flatMap(({ at, touch, isAccented, stroke, picked }, index) => {
      const begins = start + at;
      if (begins < from - ROUNDING || begins >= to - ROUNDING) return [];
      const ends = start + (strikes[index + 1]?.at ?? beats);
      const length = Math.min(to, ends) - begins;
      return [{ at: begins - from, length, chord, touch, isAccented, stroke, picked }];
    });
  });
}

/** The gaps between strokes. A muted or choked stroke still counts as sounding until the next one. */
function restsOf(strokes: readonly BarStroke[], length: number): readonly Rest[] {
  const ends = [0, ...strokes.map((stroke) => stroke.at + stroke.length)];
  const starts = [...strokes.map(({ at }) => at), length];
  return starts.flatMap((at, index) => {
    const from = ends[index] ?? 0;
    return at - from > ROUNDING ? [{ at: from, length: at - from }] : [];
  });
}
