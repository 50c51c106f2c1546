/** What is counted at a place of a bar, and back. Times in quarters from the beginning of the bar. */

const SIXTEENTHS = ["", "e", "&", "a"] as const;
const ROUNDING = 1e-6;
/** Places that are no sixteenth are counted by number, to a thousandth of a count. */
const DECIMALS = 1000;
/** The finest places that are told apart, in parts of a quarter: of 32nds, of triplets and of both. */
const FINEST = 96;

/** A count is the meter's lower number: a quarter in 3/4, an eighth in 6/8. */
export function countQuarters(meter: string): number {
  return 4 / (Number(meter.split("/")[1]) || 4);
}

/**
 * "1", "e", "&", "a", or the number of the count with its part, "2.333".
 *
 * @param isCounted whether the number of its count stands before it, as an "e" needs
 */
export function countText(time: number, meter: string, isCounted = true): string {
  const counts = time / countQuarters(meter);
  const part = Math.round((counts - Math.floor(counts + ROUNDING)) * SIXTEENTHS.length);
  const whole = Math.floor(counts + ROUNDING);
  const isSixteenth = Math.abs(counts - whole - part / SIXTEENTHS.length) < ROUNDING;
  if (!isSixteenth || (part > 0 && !isCounted)) {
    return String(Math.round((counts + 1) * DECIMALS) / DECIMALS);
  }
  return SIXTEENTHS[part] || String(whole + 1);
}

/** When a count is; `last` is the number counted last before it. Null for what is none. */
export function countTime(text: string, last: number, meter: string): number | null {
  const count = countQuarters(meter);
  if (/^\d{1,2}(?:\.\d+)?$/.test(text)) return snap((Number(text) - 1) * count);
  const part = { e: 1, "&": 2, "+": 2, a: 3 }[text];
  return part === undefined ? null : snap((last - 1 + part / SIXTEENTHS.length) * count);
}

/** The nearest place that is told apart. */
export function snap(time: number): number {
  return Math.round(time * FINEST) / FINEST;
}
