export {
  askedOf,
  chordOf,
  findChordGrips,
  freeTones,
  hasItsBass,
  type Chord,
  type ChordTones,
} from "./chord";
export { findQuality, QUALITIES, type Quality } from "./qualities";
export { DEFAULT_CHORD_OPTIONS, fiveOnPitchClass, readChord, type ChordOptions } from "./readChord";
export { countChords, MOST_CHORDS, readProgression, type CountedChord } from "./readProgression";
