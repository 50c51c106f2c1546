export { comparisonKeeper } from "./keeper";
