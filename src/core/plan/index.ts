export { makeRouteMemo, type RouteMemo } from "./memo";
export {
  GOALS,
  planRoutes,
  type ChordTerms,
  type Goal,
  type GripRoute,
  type NearbyGrips,
  type RoutePin,
  type RouteQuestion,
} from "./planRoutes";
export { routeThrough } from "./routeThrough";
export { type GripStop } from "./stops";
export {
  struckOnBeats,
  struckThenSilent,
  timeRoute,
  type ChordTime,
  type TimedChange,
  type TimedRoute,
} from "./timeRoute";
