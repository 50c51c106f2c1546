export { bruteForceStack, spanFrets } from "./bruteForce";
export { MOST_FRETTINGS, TooManyFrettings } from "./collect";
export {
  alongReachMm,
  checkFretting,
  compareFrettings,
  soundingMidi,
  tonesOverRoot,
  type Fretting,
  type ReachLimit,
} from "./fretting";
export { readFretting } from "./readFretting";
export { checkToneSet, findSetFrettings, type ToneSet } from "./setFrettings";
export { findStackFrettings } from "./stackFrettings";
