export { makeGripSearch, type GripSearch, type WeighedFretting } from "./cheapestGrips";
export { countGrips, sumCounts, type GripCounts } from "./countGrips";
export { keepsLimits, NO_GRIP_LIMITS, type GripLimits } from "./gripLimits";
export { holdShape, type HeldShape } from "./heldShape";
export { retuningPoints } from "./retuning";
export {
  makeSearchSpace,
  MOST_TUNINGS,
  NO_LIMITS,
  type SearchLimits,
  type SearchSpace,
} from "./searchSpace";
export {
  MOST_FOUND,
  searchTunings,
  type FoundTuning,
  type SearchProgress,
  type SearchQuestion,
} from "./searchTunings";
export {
  fitShape,
  shapeFate,
  shapeShift,
  type FittedShape,
  type ShapeFate,
  type ShapeShift,
  type StringMove,
  type StringShift,
} from "./shapes";
export { type ScoredTuning } from "./shortlist";
export { scoreOf, stageCost, type StageCost } from "./stageCost";
export { suggestTuning } from "./suggestTuning";
export { translatePitches, type PitchPlaces, type Translation } from "./translate";
export {
  weighTuning,
  type Totals,
  type WeighedChord,
  type WeighedGrip,
  type WeighedTuning,
} from "./weighTuning";
export {
  DEFAULT_WEIGHTS,
  HIGHEST_WEIGHT,
  soundCost,
  TERMS,
  weighGrip,
  type SoundCost,
  type Term,
  type Weights,
} from "./weights";
