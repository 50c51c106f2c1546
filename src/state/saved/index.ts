export { readSaved, type SavedFormat } from "./format";
export {
  CHOICE_VERSION,
  choiceFormat,
  COMPARISON_FORMAT,
  FINGERS_FORMAT,
  FRETTING_FORMAT,
  MIDI_FORMAT,
  PROFILE_FORMAT,
  SONG_FORMAT,
  ROUND_CHANGE_FORMAT,
  SHORT_TUNING_FORMAT,
  VOICING_FORMAT,
} from "./formats";
export { type Upgraded } from "./upgrade";
