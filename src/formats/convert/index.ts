export {
  alongRoute,
  askedRoute,
  asItStands,
  needsGrips,
  retuned,
  type AskedRoute,
} from "./planned";
export {
  tuningsKind,
  usualTuning,
  writeAs,
  type GrippedScore,
  type WriteOptions,
  type Written,
} from "./writeAs";
export { songOf, type MadeSong } from "./songOf";
