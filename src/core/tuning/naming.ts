import { noteText, pitchText, spellPitchClass, type Accidentals, type Midi } from "../pitch";
import { readLetters } from "./letters";
import { findName } from "./names";
import { samePitches, type Tuning } from "./tuning";

/**
 * The best name and kind for a set of pitches; letters, with octaves where needed, if it has none.
 * Read back, the name gives the same pitches.
 */
export function nameTuning(midi: readonly Midi[], accidentals: Accidentals = "mixed"): Tuning {
  const named = findName(midi, accidentals);
  if (named) return named;
  const letters = midi.map((pitch) => noteText(spellPitchClass(pitch, accidentals))).join(" ");
  const read = readLetters(letters, { strings: midi.length });
  const [first, ...others] = read.ok ? read.value : [];
  if (first && others.length === 0 && samePitches(first, midi))
    return { name: letters, kind: "own", midi };
  return { name: midi.map((pitch) => pitchText(pitch, accidentals)).join(" "), kind: "own", midi };
}
