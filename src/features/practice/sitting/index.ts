export { SittingView } from "./SittingView";
