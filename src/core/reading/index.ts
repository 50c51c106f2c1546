export { moveShape, MOVES, type KeptAcross, type ShapeMove } from "./moveShape";
export { readShape, type Calling, type ShapeReading, type ShapeStep } from "./readShape";
