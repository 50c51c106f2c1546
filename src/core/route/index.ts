export { leastBeside } from "./leastBeside";
export { bestRoutes, leastHardestRoutes } from "./routes";
export { type CostOfChange, type Route, type Stop } from "./stop";
