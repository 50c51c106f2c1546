/** The tempo of a chart that gives none. */
export const DEFAULT_TEMPO_BPM = 120;
/** Above this tempo in quarters nothing limits a change (common practice). */
export const UNLIMITED_QUARTERS_BPM = 240;
