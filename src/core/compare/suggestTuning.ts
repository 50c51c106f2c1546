import { type Midi } from "@/core/pitch";
import { nameTuning, samePitches, TUNINGS, type Tuning } from "@/core/tuning";

/**
 * The tuning a player most likely wants next to the current one: the guitar's usual tuning, or, when
 * that is where they are, the catalogue's first drop tuning for as many strings.
 *
 * @example suggestTuning(standard, standard).name // "Drop D"
 */
export function suggestTuning(present: readonly Midi[], usual: readonly Midi[]): Tuning {
  if (!samePitches(present, usual)) return nameTuning(usual);
  const drop = TUNINGS.find(({ kind, midi }) => kind === "drop" && midi.length === present.length);
  return drop ?? nameTuning(present.map((midi, string) => (string === 0 ? midi - 2 : midi)));
}
