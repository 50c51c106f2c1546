export { type Press, assignFingers } from "./assign";
export { type Damper } from "./dampers";
export { type DampingConflict, type DampingPlan, type SilentString } from "./damping";
export { type EffortTerms } from "./effort";
export { type EffortBook, makeEffortBook } from "./effortBook";
export { type EffortBound, makeEffortBound } from "./effortBound";
export { type Fingering, type Player, fingerFretting, fingersOf, rankFingers } from "./fingering";
export { type EffortPart } from "./fittedEffort";
export {
  DEFAULT_HAND,
  DEFAULT_SCHOOL,
  EXCLUSIONS,
  type Exclusion,
  FINGERS_AND_THUMB,
  type Finger,
  HIGHEST_SPAN_MM,
  type Hand,
  LOWEST_SPAN_MM,
  NARROWEST_FINGERTIP_MM,
  SCHOOLS,
  type School,
  WIDEST_FINGERTIP_MM,
  handReachMm,
} from "./hand";
export { EFFORT_PARTS, countParts } from "./parts";
export { type Reach, type ReachGrade, gradeReach } from "./reach";
export { middleOf, positionOf, travelMm, type HandPosition, type Middle } from "./place";
