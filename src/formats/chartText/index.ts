export { BARS, CHORDPRO, type Dialect } from "./dialects";
export { defineText, readDefine, type DefinedGrip } from "./define";
export { meterBeats, meterOf } from "./meters";
export { oneLine, writeChart, type WrittenText } from "./writeChart";
export { readSheet } from "./readSheet";
export { gripsIntoSheet } from "./gripsIntoSheet";
