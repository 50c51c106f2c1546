export { findNeighbours, NEIGHBOUR_KINDS, type Neighbour, type NeighbourKind } from "./neighbours";
export { growVoicing, invertVoicing, shrinkVoicing } from "./voicings";
