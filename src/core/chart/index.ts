export { type Chord, type ChordTones, chordOf, hasItsBass, riffChord } from "./chord";
export { fifthOf, powerChordOf, powerChordSuffix } from "./powerChord";
export { findQuality, QUALITIES, type Quality } from "./qualities";
export { type ChordParts } from "./parts";
export { DEFAULT_CHORD_OPTIONS, powerChordOnPitchClass, parseChord, readChord } from "./readChord";
export {
  type CountedChord,
  MAX_CHORDS,
  countChords,
  isSilenceWord,
  readProgression,
} from "./readProgression";
