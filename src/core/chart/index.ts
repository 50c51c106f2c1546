export { type Chord, type ChordTones, chordOf, hasItsBass } from "./chord";
export { fifthOf, fiveOf, fiveSuffix } from "./five";
export { findQuality, QUALITIES, type Quality } from "./qualities";
export { type ChordParts } from "./parts";
export { DEFAULT_CHORD_OPTIONS, fiveOnPitchClass, parseChord, readChord } from "./readChord";
export {
  type CountedChord,
  MAX_CHORDS,
  countChords,
  isSilenceWord,
  readProgression,
} from "./readProgression";
