export { askedFreely, askedStack, type Asked } from "./asked";
export {
  leastPreference,
  makePreferenceBound,
  type PreferenceBound,
  type PreferenceBounds,
  type PreferenceSketch,
} from "./preferenceBound";
export {
  preferenceOf,
  preferencePoints,
  tiltPoints,
  type Preference,
  type PreferenceTerms,
} from "./preference";
export { TILTS, tiltOfWish, WISHES, WITH_BASS, type Tilt, type TiltName, type Wish } from "./tilt";
export {
  countFreeTraits,
  countStackTraits,
  PREFERENCE_TERMS,
  type Look,
  type PreferenceTerm,
} from "./traits";
export { FREE_WEIGHTS, STACK_WEIGHTS, type FreeTrait, type StackTrait } from "./weights";
