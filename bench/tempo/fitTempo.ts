import {
  TIMING_TERMS,
  timingParts,
  type Level,
  type TimingTerm,
  type TimingTerms,
} from "@/core/motion";
import { solve } from "@/core/practice/solve";
import { NOTE_QUARTERS, NOTE_VALUES, type TableChange } from "./tempoTable";

/** What the constants are fitted to: the geometric middle of each range, or its upper end. */
export type Target = "middle" | "upper end";

const MS_PER_MINUTE = 60_000;
const USABLE_SHARE = 1;
/** Log residuals beyond this enter linearly instead of squared (Huber 1964). */
const OUTLIER = 0.1;
/** Penalty for a constant that moves by STRAY_SHARE of its starting value (a judgement). */
const PULL = 0.02;
const STRAY_SHARE = 0.5;
const ROUNDS = 60;

/**
 * Fits a level's constants to the table: least squares on log times with Huber's weights and a pull towards the starting
 * values. A term that no change in the table uses keeps its starting value.
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
      // Linearise the logarithm at the guess: log(ms) is about log(guess) + (ms - guess) / guess.
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

/** The time that a change's ranges imply in ms: the geometric mean over both note values. */
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
