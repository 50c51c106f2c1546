export { GuitarsScreen } from "./GuitarsScreen";
