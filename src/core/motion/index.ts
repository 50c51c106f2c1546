export { positionOf, travelMm, type HandPosition } from "./position";
