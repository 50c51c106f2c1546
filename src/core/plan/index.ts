export {
  GOALS,
  planRoutes,
  type Goal,
  type GripRoute,
  type RoutePin,
  type RouteQuestion,
} from "./planRoutes";
export { routeThrough } from "./routeThrough";
export { type GripStop } from "./stops";
export {
  struckOnBeats,
  timeRoute,
  type ChordTime,
  type TimedChange,
  type TimedRoute,
} from "./timeRoute";
