import { type Midi } from "@/core/pitch";
import { samePitches, type Tuning } from "@/core/tuning";
import { retuneSteps, type RetuneStep } from "./retune";

export interface NearTuning {
  readonly tuning: Tuning;
  readonly steps: readonly RetuneStep[];
}

/**
 * The tunings that take the least turning from the current one: half steps first, then strings. The current one and those
 * of other numbers of strings are left out.
 */
export function nearTunings(
  current: readonly Midi[],
  tunings: readonly Tuning[],
  max: number,
): readonly NearTuning[] {
  const sizeOf = (steps: readonly RetuneStep[]) =>
    steps.reduce((sum, { semitones }) => sum + Math.abs(semitones), 0);
  return tunings
    .filter(({ midi }, at) => tunings.findIndex((each) => samePitches(each.midi, midi)) === at)
    .flatMap((tuning) => {
      const steps = retuneSteps(current, tuning.midi) ?? [];
      return steps.length > 0 ? [{ tuning, steps }] : [];
    })
    .toSorted((a, b) => sizeOf(a.steps) - sizeOf(b.steps) || a.steps.length - b.steps.length)
    .slice(0, max);
}
