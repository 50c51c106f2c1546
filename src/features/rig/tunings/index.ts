export { TuningsScreen } from "./TuningsScreen";
