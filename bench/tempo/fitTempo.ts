import {
  TIMING_TERMS,
  timingParts,
  type Level,
  type TimingTerm,
  type TimingTerms,
} from "@/core/motion";
import { solve } from "@/core/practice/solve";
import { NOTE_QUARTERS, NOTE_VALUES, type TableChange } from "./tempoTable";

/** What the constants of a level are fitted to: the middle of each range (as a ratio), or its upper end. */
export type Target = "middle" | "upper end";

const MS_PER_MINUTE = 60_000;
const USABLE_SHARE = 1;
/** Beyond this, as the logarithm of a ratio, a change counts by its size and no longer by its square (Huber 1964). */
const OUTLIER = 0.1;
/** Pull towards the start, for each half of a constant that the fit strays (a judgement). */
const PULL = 0.02;
const STRAY_SHARE = 0.5;
const ROUNDS = 60;

/**
 * Constants that make a level's times fit the table, by least squares of the logarithm with Huber's weights, pulled
 * towards where they start. A term that no change of the table shows stays where it starts.
 */
export function fitTempo(
  table: readonly TableChange[],
  level: Level,
  target: Target,
  start: TimingTerms,
): TimingTerms {
  const rows = table.map((each) => {
    const parts = timingParts(each.change, USABLE_SHARE);
    return { parts: TIMING_TERMS.map((term) => parts[term]), ms: targetMs(each, level, target) };
  });
  let values: readonly number[] = TIMING_TERMS.map((term) => start[term]);
  for (let round = 0; round < ROUNDS; round++) {
    const matrix = TIMING_TERMS.map((term, row) =>
      TIMING_TERMS.map((_, column) => (row === column ? pullOn(start[term]) : 0)),
    );
    const right = TIMING_TERMS.map((term) => pullOn(start[term]) * start[term]);
    for (const { parts, ms } of rows) {
      const guess = parts.reduce((sum, part, index) => sum + part * (values[index] ?? 0), 0);
      const off = Math.log(ms / guess);
      const weight = (Math.abs(off) < OUTLIER ? 1 : OUTLIER / Math.abs(off)) / guess ** 2;
      // About the guess, log(ms) is linear: log(guess) + (time - guess) / guess.
      const wanted = guess * (1 + off);
      for (const [row, part] of parts.entries()) {
        right[row] = (right[row] ?? 0) + weight * part * wanted;
        const line = matrix[row];
        if (!line) continue;
        for (const [column, other] of parts.entries()) {
          line[column] = (line[column] ?? 0) + weight * part * other;
        }
      }
    }
    values = solve(matrix, right);
  }
  return termsOf((_, index) => values[index] ?? 0);
}

/** The time that a table's ranges stand for: the mean, as a ratio, of what both note values say. */
export function targetMs({ ranges }: TableChange, level: Level, target: Target): number {
  const times = NOTE_VALUES.map((note) => {
    const [lower, upper] = ranges[note][level];
    const bpm = target === "middle" ? Math.sqrt(lower * upper) : upper;
    return (MS_PER_MINUTE * NOTE_QUARTERS[note]) / bpm;
  });
  return Math.sqrt(times.reduce((product, ms) => product * ms, 1));
}

export function termsOf(value: (term: TimingTerm, index: number) => number): TimingTerms {
  return Object.fromEntries(
    TIMING_TERMS.map((term, index) => [term, value(term, index)]),
  ) as TimingTerms;
}

function pullOn(value: number): number {
  return value === 0 ? 1 : PULL / (STRAY_SHARE * value) ** 2;
}
