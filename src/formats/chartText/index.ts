export { BARS, CHORDPRO, type Dialect } from "./dialects";
export { defineText, readDefine, type DefinedGrip } from "./define";
export { meterBeats, meterOf } from "./meters";
export { sectionRuns, type SectionRun } from "./sectionRuns";
export { oneLine, writeChart, type WrittenText } from "./writeChart";
export { readSheet } from "./readSheet";
export { gripsIntoSheet } from "./gripsIntoSheet";
