import { chordDifference, type ChordOnNeck } from "@/core/compare";
import { type Tuning } from "@/core/tuning";

const SAME_EFFORT = 0.05;

/** One line that says in numbers what the other tuning gives for this chord. */
export function verdict(here: ChordOnNeck, there: ChordOnNeck, from: Tuning, to: Tuning): string {
  const difference = chordDifference(here, there);
  const chord = (here.grips[0] ?? there.grips[0])?.name ?? "This chord";
  if (!difference) {
    const able = here.grips.length > 0 ? from : there.grips.length > 0 ? to : null;
    return able ? `${chord} can be played only in ${able.name}.` : `Neither tuning can play it.`;
  }
  const [effortHere, effortThere] = [here, there].map((side) => side.grips[0]?.best.effort ?? 0);
  const figures = `${effortThere?.toFixed(1)} against ${effortHere?.toFixed(1)}`;
  return `${chord} in ${to.name}: ${effortWords(difference.effort, figures)}, ${lowestWords(difference.lowestSemitones)}.`;
}

function effortWords(effort: number, figures: string): string {
  if (Math.abs(effort) < SAME_EFFORT) return "the same effort";
  return `${effort < 0 ? "easier" : "harder"}, effort ${figures}`;
}

function lowestWords(semitones: number): string {
  if (semitones === 0) return "and the same lowest note";
  const size = Math.abs(semitones);
  return `and its lowest note is ${size} ${size === 1 ? "half step" : "half steps"} ${semitones < 0 ? "lower" : "higher"}`;
}
