export { bestRoute, type Route, type Stop } from "./bestRoute";
