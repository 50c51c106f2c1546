export { assignFingers, type Hold, type Press, type ReachRule } from "./assign";
export { type Damper, type DampingWay } from "./dampers";
export { planDamping, type DampingConflict, type DampingPlan, type SilentString } from "./damping";
export { type EffortTerms } from "./effort";
export { makeEffortBook, type Easiest, type EffortBook } from "./effortBook";
export { makeEffortBound, type EffortBound, type Sketch } from "./effortBound";
export { fingerFretting, fingersOf, rankFingers, type Fingering, type Player } from "./fingering";
export {
  checkHand,
  DEFAULT_HAND,
  DEFAULT_SCHOOL,
  EXCLUSIONS,
  FINGERS_AND_THUMB,
  handReachMm,
  HIGHEST_SPAN_MM,
  LOWEST_SPAN_MM,
  NARROWEST_FINGERTIP_MM,
  SCHOOLS,
  WIDEST_FINGERTIP_MM,
  type Exclusion,
  type Finger,
  type Hand,
  type School,
} from "./hand";
export { countParts, PART_NAMES } from "./parts";
export { gradeReach, REACH_GRADES, type Reach, type ReachGrade, type Stretch } from "./reach";
export { WEIGHTS, type PartName } from "./weights";
