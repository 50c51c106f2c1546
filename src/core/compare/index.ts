export { findUnplayable } from "./findUnplayable";
export { type HeldShape, holdShape } from "./heldShape";
export { retuningPoints } from "./retuning";
export { NO_SEARCH_LIMITS, type SearchLimits, makeSearchSpace } from "./searchSpace";
export {
  type FoundTuning,
  MAX_FOUND,
  type SearchProgress,
  type SearchRequest,
  searchTunings,
} from "./searchTunings";
export {
  type ShapeFate,
  type ShapeShift,
  type StringMove,
  fitShape,
  shapeFate,
  shapeShift,
} from "./shapes";
export { type ScoredTuning } from "./shortlist";
export { type StageCost, scoreOf, stageCost } from "./stageCost";
export { suggestTuning } from "./suggestTuning";
export { type PitchPlaces, type Translation, translatePitches } from "./translate";
export { type Totals, type WeighedChord, type WeighedTuning, weighTuning } from "./weighTuning";
