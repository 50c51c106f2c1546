export { LogScreen } from "./LogScreen";
