export {
  LETTERS,
  midiOf,
  noteText,
  octaveOf,
  parseNote,
  pitchClass,
  pitchClassOf,
  plainSigns,
  SEMITONES_PER_OCTAVE,
  type Letter,
  type Midi,
  type Note,
  type PitchClass,
} from "./note";
export {
  ACCIDENTALS,
  degreeName,
  pitchText,
  pitchTextOver,
  pitchTexts,
  signsFor,
  spellDegree,
  spellPitchClass,
  type Accidentals,
} from "./spelling";
export {
  A4_HZ,
  centsOver,
  frequencyHz,
  HIGHEST_A4_HZ,
  LOWEST_A4_HZ,
  nearestMidi,
} from "./frequency";
