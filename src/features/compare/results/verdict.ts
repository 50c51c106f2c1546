import { type Totals } from "@/core/compare";
import { retuneMinutesText } from "./words";

/** A tuning's figures, as far as the verdict asks. */
export interface JudgedTuning {
  readonly name: string;
  /** Null where a chord cannot be played. */
  readonly totals: Totals | null;
  /** Effort points as the player weighs them, retuning included. */
  readonly score: number | null;
  readonly turned: number;
  readonly minutes: number;
  readonly chords: number;
}

/** The place of the tuning that serves best; -1 where none can play it all. */
export function bestPlace(judged: readonly JudgedTuning[]): number {
  const scores = judged.map(({ score }) => score ?? Infinity);
  const min = Math.min(...scores);
  return min === Infinity ? -1 : scores.indexOf(min);
}

/** One line that says in numbers what the best tuning gives and costs, beside the first of the others. */
export function verdict(judged: readonly JudgedTuning[]): string {
  const place = bestPlace(judged);
  const best = judged[place];
  if (!best?.totals || best.score === null) return "None of these tunings can play it all.";
  if (judged.length === 1) return `${best.name} alone: add a tuning to compare it with.`;
  const other = judged.find(({ totals }, index) => index !== place && totals !== null);
  if (!other?.totals || other.score === null) return `Only ${best.name} can play it all.`;
  const gains = [
    effortText(best.totals.effort, other.totals.effort),
    lowestText(best.totals.lowest - other.totals.lowest),
    fingersText(best, other),
    `${best.score.toFixed(1)} points against ${other.score.toFixed(1)}`,
  ].filter((text) => text !== null);
  return `${best.name} serves best. Compared with ${other.name}: ${gains.join(", ")}; ${costText(best)}.`;
}

function effortText(there: number, here: number): string {
  if (here <= 0) return `effort ${there.toFixed(1)}`;
  const percent = Math.round(100 * (there / here - 1));
  if (percent === 0) return "the same effort";
  return `${Math.abs(percent)}% ${percent < 0 ? "less" : "more"} effort`;
}

function lowestText(semitones: number): string | null {
  if (semitones === 0) return null;
  const size = Math.abs(semitones);
  const steps = `${size} half ${size === 1 ? "step" : "steps"}`;
  return `its lowest note ${steps} ${semitones < 0 ? "lower" : "higher"}`;
}

function fingersText(there: JudgedTuning, here: JudgedTuning): string | null {
  const [one, other] = [there.totals?.oneFinger ?? 0, here.totals?.oneFinger ?? 0];
  return one === other ? null : `${one} of ${there.chords} with one finger instead of ${other}`;
}

function costText({ turned, minutes }: JudgedTuning): string {
  if (turned === 0) return "nothing to retune";
  return `${turned} ${turned === 1 ? "string" : "strings"} to retune, ${retuneMinutesText(minutes)}`;
}
