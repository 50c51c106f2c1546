export { findNeighbours, type Neighbour, type NeighbourKind } from "./neighbours";
