/** The middle of some numbers; null for none. */
export function medianOf(values: readonly number[]): number | null {
  if (values.length === 0) return null;
  const sorted = values.toSorted((a, b) => a - b);
  const middle = (sorted.length - 1) / 2;
  const [low = 0, high = 0] = [sorted[Math.floor(middle)], sorted[Math.ceil(middle)]];
  return (low + high) / 2;
}

/**
 * How far numbers lie from their median: the median of the distances, which one slip does not change. Null for none.
 */
export function spreadOf(values: readonly number[]): number | null {
  const median = medianOf(values);
  return median === null ? null : medianOf(values.map((value) => Math.abs(value - median)));
}
