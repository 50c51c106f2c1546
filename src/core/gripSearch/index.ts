export { type GripSearch, type WeighedFretting, makeGripSearch } from "./cheapestGrips";
export { type GripLimits, NO_GRIP_LIMITS, keepsLimits } from "./gripLimits";
export { type Playing } from "./options";
export { countTunings, makePitchTree, tuningAt, type PitchTree } from "./pitchTree";
export {
  DEFAULT_WEIGHTS,
  HIGHEST_WEIGHT,
  PER_RINGING,
  WEIGHT_NAMES,
  type WeightName,
  type Weights,
  lowCost,
  soundCost,
  weighGrip,
  weighRetuning,
} from "./weights";
