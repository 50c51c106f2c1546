export { readShape, type ShapeReading, type ShapeStep } from "./readShape";
