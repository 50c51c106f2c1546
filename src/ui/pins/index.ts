export { PinStrip } from "./PinStrip";
