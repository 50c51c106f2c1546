export { readShape, type Calling, type ShapeReading, type ShapeStep } from "./readShape";
