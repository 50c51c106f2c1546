export { leastBeside } from "./leastBeside";
export { bestRoutes, leastHardestRoutes, type CostOfChange, type Route, type Stop } from "./routes";
