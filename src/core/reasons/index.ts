export {
  explain,
  type BeatReason,
  type ClarityReason,
  type ConflictReason,
  type DampingReason,
  type EffortReason,
  type ImpliedReason,
  type ReachReason,
  type Reason,
  type RoughnessReason,
  type WeightReason,
} from "./explain";
