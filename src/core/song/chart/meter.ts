/** A meter as it is written, and its length in quarters. */
export interface Meter {
  readonly text: string;
  readonly beats: number;
  /** Into how many counts a bar divides: 4 in 4/4, 6 in 6/8. */
  readonly counts: number;
}

const QUARTERS_PER_WHOLE = 4;
const MAX_COUNTS = 24;

export const COMMON_METER: Meter = { text: "4/4", beats: 4, counts: 4 };

/** Reads "3/4"; null for what is no meter. */
export function readMeter(text: string): Meter | null {
  const [, counts = "", unit = ""] = /^\s*(\d{1,2})\s*\/\s*(2|4|8|16)\s*$/.exec(text) ?? [];
  const number = Number(counts);
  if (number < 1 || number > MAX_COUNTS || unit === "") return null;
  return {
    text: `${number}/${unit}`,
    beats: (number * QUARTERS_PER_WHOLE) / Number(unit),
    counts: number,
  };
}

/** Whether a bar divides evenly into so many parts, as far as its counts go. */
export function divides({ counts }: Meter, parts: number): boolean {
  return counts % parts === 0 || parts % counts === 0;
}

const DOTTED_QUARTER = 1.5;

/** Quarters in the beat that a meter's tempo counts: dotted in 6/8, 9/8 and 12/8 (common practice). */
export function quartersPerBeat(meter: string): number {
  const [counts = 4, unit = 4] = meter.split("/").map(Number);
  if (unit === 8 && counts > 3 && counts % 3 === 0) return DOTTED_QUARTER;
  return 4 / unit;
}
