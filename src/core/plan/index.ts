export { costOfChangeOn } from "./costOfChange";
export { makeRouteMemo, type RouteMemo } from "./memo";
export { planRoutes, type GripRoute } from "./planRoutes";
export {
  GOALS,
  ROUTE_RECIPES,
  type ChordTerms,
  type Goal,
  type NearbyGrips,
  type RiffPlace,
  type RoutePin,
  type RouteRecipe,
  type RouteRequest,
} from "./request";
export { frettingsOfNotes, riffPlace } from "./riffPlaces";
export { routeThrough } from "./routeThrough";
export { steadyFingers } from "./steadyFingers";
export { type GripStop } from "./stops";
export {
  minOf,
  struckInQuarters,
  timeRoute,
  type ChangeTempos,
  type RouteTime,
  type TimedChange,
  type TimedRoute,
} from "./timeRoute";
