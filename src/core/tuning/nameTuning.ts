import { noteTexts, pitchTexts, type Accidentals, type Midi } from "@/core/pitch";
import { readLetters } from "./readLetters";
import { findName } from "./readName";
import { samePitches, type Tuning } from "./tuning";

/**
 * The best name and kind for a set of pitches; letters, with octaves where needed, if it has none.
 * Read back, the name gives the same pitches.
 *
 * @example nameTuning([38, 45, 50, 55, 59, 64]).name // "Drop D"
 */
export function nameTuning(midi: readonly Midi[], accidentals: Accidentals = "mixed"): Tuning {
  const named = findName(midi, accidentals);
  if (named) return named;
  const letters = noteTexts(midi, accidentals).join(" ");
  const read = readLetters(letters, { strings: midi.length });
  const [first, ...others] = read.ok ? read.value : [];
  if (first && others.length === 0 && samePitches(first, midi))
    return { name: letters, kind: "own", midi };
  return { name: pitchTexts(midi, accidentals).join(" "), kind: "own", midi };
}
