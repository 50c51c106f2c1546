export { BARS, CHORDPRO } from "./dialects";
export { meterBeats, meterOf } from "./meters";
export { sectionRuns } from "./sectionRuns";
export { oneLine, writeChart, type WrittenText } from "./writeChart";
export { readSheet } from "./readSheet";
export { gripsIntoSheet } from "./gripsIntoSheet";
