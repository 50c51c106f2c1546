/** Quarters in a whole bar of a meter. */
export function meterBeats(meter: string): number {
  const [counts = 4, unit = 4] = meter.split("/").map(Number);
  return (4 * counts) / unit;
}

const MAX_COUNTS = 24;

/** A meter whose bars last so many quarters; null for none that charts read. */
export function meterOf(beats: number): string | null {
  for (const unit of [4, 8, 16]) {
    const counts = (beats * unit) / 4;
    if (Number.isInteger(counts) && counts >= 1 && counts <= MAX_COUNTS) return `${counts}/${unit}`;
  }
  return null;
}
