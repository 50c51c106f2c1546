export { moveShape, MOVES, type KeptAcross, type Move } from "./moveShape";
export { readShape, type Calling, type ShapeReading, type ShapeStep } from "./readShape";
