export { type Chord, type ChordTones, chordOf, hasItsBass } from "./chord";
export { DEFAULT_CHORD_OPTIONS, fiveOnPitchClass, readChord } from "./readChord";
export {
  type CountedChord,
  MAX_CHORDS,
  countChords,
  isNoChord,
  readProgression,
} from "./readProgression";
