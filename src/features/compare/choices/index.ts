export { CompareBar } from "./CompareBar";
export { LimitsChip } from "./LimitsChip";
export { ShapeBar } from "./ShapeBar";
