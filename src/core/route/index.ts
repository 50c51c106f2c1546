export { coupledRoutes, type Coupling } from "./coupledRoutes";
export { narrow } from "./changeTable";
export { bestDistinctRoute, minHardestDistinctRoute } from "./distinctRoutes";
export { minRest } from "./minRest";
export { minRestDistinct, type Distinction } from "./prices";
export { bestRoutes, minHardestRoutes } from "./routes";
export { byHardest, byTotal, mergeRoutes, type CompareRoutes, type RouteSearch } from "./search";
export { type CostOfChange, type Route, type Stop } from "./stop";
