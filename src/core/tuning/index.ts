export { TUNINGS } from "./catalogue";
export { nameTuning, readTuning, type ReadTuningOptions, type TuningReading } from "./read";
export { retuneSteps, type RetuneStep } from "./retune";
export {
  HIGHEST_STRING_MIDI,
  LOWEST_STRING_MIDI,
  MAX_STRINGS,
  MIN_STRINGS,
  samePitches,
  usualMidi,
  type Tuning,
  type TuningKind,
} from "./tuning";
