export { CompareScreen } from "./CompareScreen";
export { COMPARE } from "./room";
