import { type Press } from "./assign";

/**
 * On one fret the higher finger lies on the thinner string, but for an index finger that stays down from or for a
 * neighbouring chord: D to A with the index kept is x 0 2 2 2 0 as 2 1 3 (common practice).
 */

/** Effort points for an index that lies past a higher finger (a judgement): such a fingering comes after its usual one. */
export const CROSSED_POINTS = 3;
/** Only in a row of so many neighbouring strings does the index have a finger on either side. */
const ROW_STRINGS = 3;

/** The same presses with the index and its thinner neighbour swapped; null where no row of three begins with the index. */
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
