export { TUNINGS, TUNING_GROUPS } from "./catalogue";
export { nameTuning } from "./nameTuning";
export { parentOf } from "./parent";
export { readTuning } from "./readTuning";
export {
  HIGHEST_STRING_MIDI,
  LOWEST_STRING_MIDI,
  MAX_STRINGS,
  MIN_STRINGS,
  type Tuning,
  isCrossed,
  samePitches,
  stepCost,
  usualMidi,
} from "./tuning";
