export { EFFORT_WEIGHTS, type EffortTerms } from "./effort";
export { rankFingers, type Fingering, type Player } from "./fingering";
export { findGrips, rankGrips, type Grip } from "./grip";
export {
  DEFAULT_HAND,
  DEFAULT_SCHOOL,
  EXCLUSIONS,
  handReachMm,
  HIGHEST_SPAN_MM,
  LOWEST_SPAN_MM,
  SCHOOLS,
  type Exclusion,
  type Finger,
  type Hand,
  type School,
} from "./hand";
