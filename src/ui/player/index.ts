export { MeasureSpan } from "./MeasureSpan";
export { NumberField } from "./NumberField";
export { Options } from "./Options";
