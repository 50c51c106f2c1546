export { type RequestedChord, requestPitches, requestSet, requestVoicing } from "./requestedChord";
export { FREE_WEIGHTS, VOICING_WEIGHTS } from "./fittedPreference";
export { type Preference, preferenceOf, preferencePoints, tiltPoints } from "./preference";
export {
  type PreferenceBound,
  type PreferenceBounds,
  minPreference,
  makePreferenceBound,
} from "./preferenceBound";
export { TILTS, type Tilt, WISHES, WITH_BASS, tiltOfWish } from "./tilt";
export { PREFERENCE_TERMS } from "./terms";
export {
  CHORD_STRINGS,
  FRETTING_FINGERS,
  type Look,
  countFreeTraits,
  countVoicingTraits,
} from "./traits";
