import { type StruckChord } from "@/core/song";
import { type Arrangement } from "./arrange";

/**
 * Converts positions to the song's own tempo, both in quarters: a bar at half the tempo becomes twice as long. Timing can
 * then use one tempo for the whole song.
 */
export function songTime({ bars }: Arrangement): (quarters: number) => number {
  if (bars.every(({ tempoShare }) => tempoShare === 1)) return (quarters) => quarters;
  const starts: number[] = [];
  let at = 0;
  for (const { beats, tempoShare } of bars) {
    starts.push(at);
    at += beats / tempoShare;
  }
  return (quarters) => {
    const bar = Math.max(0, lastAt(bars, quarters));
    const { start = 0, tempoShare = 1 } = bars[bar] ?? {};
    return (starts[bar] ?? 0) + (quarters - start) / tempoShare;
  };
}

/** The chord with its start, length and strums converted by `songTime`. */
export function inSongTime<T extends StruckChord>(chord: T, time: (quarters: number) => number): T {
  const start = time(chord.start);
  const strikes = chord.strikes.map((strike) => ({
    ...strike,
    at: time(chord.start + strike.at) - start,
  }));
  return { ...chord, start, beats: time(chord.start + chord.beats) - start, strikes };
}

/** Index of the last bar that starts at or before a time; -1 if none does. */
function lastAt(bars: Arrangement["bars"], quarters: number): number {
  let [low, high] = [0, bars.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((bars[middle]?.start ?? 0) <= quarters) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}
