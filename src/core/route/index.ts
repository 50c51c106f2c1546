export { coupledRoutes, type Coupling } from "./coupledRoutes";
export { narrow } from "./changeTable";
export { bestDistinctRoute, leastHardestDistinctRoute } from "./distinctRoutes";
export { leastBeside } from "./leastBeside";
export { leastBesideDistinct, type Distinction } from "./prices";
export { bestRoutes, leastHardestRoutes } from "./routes";
export { byHardest, byTotal, mergeRoutes, type CompareRoutes, type RouteSearch } from "./search";
export { type CostOfChange, type Route, type Stop } from "./stop";
