export { TooManyFrettings } from "./collect";
export {
  alongReachMm,
  checkFretting,
  compareFrettings,
  soundingMidi,
  tonesOverRoot,
  type Fretting,
  type ReachLimit,
} from "./fretting";
export { hold, NOTHING_HELD, type Held } from "./held";
export { findPitchFrettings } from "./pitchFrettings";
export { readFretting } from "./readFretting";
export { checkToneSet, findSetFrettings, type ToneSet } from "./setFrettings";
export { findVoicingFrettings } from "./voicingFrettings";
export { areDistinct, findShape, lowestFret, shapeOf } from "./shape";
