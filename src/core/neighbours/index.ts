export { findNeighbours, NEIGHBOUR_KINDS, type Neighbour, type NeighbourKind } from "./neighbours";
export { growStack, invertStack, shrinkStack } from "./stacks";
