/** Longer texts seldom repeat and would take much memory. */
const LONGEST_TEXT = 2000;
const MAX_TEXTS = 500;

/**
 * Caches the results of a function of a text: in a log, the same tunings and changes stand in thousands of rows. Callers
 * share the results and must not change them.
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
