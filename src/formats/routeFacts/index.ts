export { routeFacts, type ChangeFacts, type RouteFacts, type StopFacts } from "./routeFacts";
