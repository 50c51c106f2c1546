/** Longer texts are seldom the same, and would take much memory. */
const LONGEST_TEXT = 2000;
const MAX_TEXTS = 500;

/**
 * A function of a text that remembers what the last texts gave: in a log of practice the same tunings and changes stand in
 * thousands of rows. The results are shared and must not be changed.
 */
export function remembered<T>(read: (text: string) => T): (text: string) => T {
  const known = new Map<string, T>();
  return (text) => {
    if (text.length > LONGEST_TEXT) return read(text);
    if (known.has(text)) return known.get(text) as T;
    const result = read(text);
    if (known.size >= MAX_TEXTS) known.clear();
    known.set(text, result);
    return result;
  };
}
