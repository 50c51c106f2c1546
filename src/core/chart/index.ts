export { type Chord, type ChordTones, chordOf, hasItsBass } from "./chord";
export { findQuality, type Quality } from "./qualities";
export {
  type ChordParts,
  DEFAULT_CHORD_OPTIONS,
  fiveOnPitchClass,
  parseChord,
  readChord,
} from "./readChord";
export {
  type CountedChord,
  MAX_CHORDS,
  countChords,
  isNoChord,
  readProgression,
} from "./readProgression";
