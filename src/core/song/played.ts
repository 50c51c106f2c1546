import { type Chart } from "./chart";

/** A chord as it is played, repeats written out. */
export interface PlayedChord {
  readonly name: string;
  /** How long it sounds, in the meter's own beat. */
  readonly beats: number;
  /** How long nothing sounds between it and the next. */
  readonly silentBeats: number;
}

/** Where a chart says none. */
export const DEFAULT_TEMPO_BPM = 120;
const DOTTED_QUARTER = 1.5;

/** Quarters in the beat that a meter's tempo counts: dotted in 6/8, 9/8 and 12/8 (common practice). */
export function quartersPerBeat(meter: string): number {
  const [counts = 4, unit = 4] = meter.split("/").map(Number);
  if (unit === 8 && counts > 3 && counts % 3 === 0) return DOTTED_QUARTER;
  return 4 / unit;
}

/** Every chord that sounds, in the order of the song; "N.C." and what is no chord are silence. */
export function playedChords({ sections, order, meter }: Chart): readonly PlayedChord[] {
  const beat = quartersPerBeat(meter);
  let barStart = 0;
  const spans = order.flatMap(([section, index]) => {
    const bar = sections[section]?.bars[index];
    const from = barStart;
    barStart += bar?.beats ?? 0;
    return (bar?.chords ?? [])
      .filter(({ reducedTo }) => reducedTo !== null)
      .map(({ name, startBeat, beats }) => ({ name, start: from + startBeat, beats }));
  });
  return spans.map(({ name, start, beats }, index) => {
    const next = spans[index + 1]?.start ?? start + beats;
    const sounding = Math.min(beats, Math.max(0, next - start));
    return {
      name,
      beats: sounding / beat,
      silentBeats: Math.max(0, next - start - sounding) / beat,
    };
  });
}
