/** The tempo of a chart that gives none. */
export const DEFAULT_TEMPO_BPM = 120;
/** Above this tempo in quarters nothing limits a change (common practice). */
export const UNLIMITED_QUARTERS_BPM = 240;
/** Tempos that a chart may give and a player may choose. */
export const [MIN_TEMPO_BPM, MAX_TEMPO_BPM] = [30, 300];

/** The nearest tempo within the limits. */
export function withinTempo(bpm: number): number {
  return Math.min(MAX_TEMPO_BPM, Math.max(MIN_TEMPO_BPM, bpm));
}
