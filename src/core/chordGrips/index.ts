export { requestOf, findChordGrips } from "./chordGrips";
export { type GripCounts, countGrips, sumCounts } from "./countGrips";
