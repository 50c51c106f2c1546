import { type Press } from "./assign";

/**
 * On one fret, higher fingers usually lie on thinner strings. The exception is an index finger that stays down from or for a
 * neighbouring chord: from D to A, x 0 2 2 2 0 is also fingered 2 1 3 (common practice).
 */

/** Effort points for a crossed index (a judgement); they rank such a fingering behind its usual one. */
export const CROSSED_POINTS = 3;
/** Only rows of this many neighbouring strings are crossed, so that the index has a finger on either side. */
const ROW_STRINGS = 3;

/** Swaps the index with the next finger; null unless the index starts a row of three on one fret. */
export function crossIndex(presses: readonly Press[]): readonly Press[] | null {
  const at = presses.findIndex(({ finger }) => finger === 1);
  const row = presses.slice(at, at + ROW_STRINGS);
  const [index, second] = row;
  const isRow =
    at >= 0 &&
    row.length === ROW_STRINGS &&
    row.every(
      ({ hold }, step) =>
        hold.strings.length === 1 &&
        hold.fret === index?.hold.fret &&
        hold.thickest === index.hold.thickest + step,
    );
  if (!isRow || !index || !second) return null;
  const crossed = [
    { finger: second.finger, hold: index.hold },
    { finger: index.finger, hold: second.hold },
  ];
  return [...presses.slice(0, at), ...crossed, ...presses.slice(at + crossed.length)];
}
