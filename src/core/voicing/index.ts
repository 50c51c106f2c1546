export { findChord, nameChord } from "./name";
export {
  makeVoicing,
  voicingName,
  VOICINGS,
  toneName,
  type NamedVoicing,
  type Voicing,
} from "./voicing";
export { findDegrees, type DegreePosition } from "./positions";
export { CHORDS, degreesOf, fitsChordForm, requiredDegrees, type ChordForm } from "./chordForm";
export { rootsOf } from "./roots";
export { rootOfTuning } from "./tuningRoot";
export { OPTIONAL_DEGREES } from "./optionalDegrees";
