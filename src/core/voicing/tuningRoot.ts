import { noteTexts, parseNote, type Accidentals, type Midi, type Note } from "@/core/pitch";
import { findChord } from "./name";

/**
 * The note that a tuning is built on: the root of the chord that its open strings sound, else its lowest string.
 *
 * @throws RangeError where there is no string
 */
export function rootOfTuning(midi: readonly Midi[], accidentals: Accidentals = "mixed"): Note {
  const chord = findChord(midi, undefined, accidentals);
  if (chord) return chord.root;
  const [lowest = ""] = noteTexts(midi, accidentals);
  const root = parseNote(lowest);
  if (!root.ok) throw new RangeError("a tuning needs a string");
  return root.value;
}
