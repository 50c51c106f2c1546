export { askedOf, findChordGrips } from "./chordGrips";
export { type GripCounts, countGrips, sumCounts } from "./countGrips";
