export {
  alongRoute,
  routeRequestOf,
  asItStands,
  needsGrips,
  retuned,
  type ScoreRouteRequest,
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
