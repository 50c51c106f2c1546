export { type Key, readKey } from "./key";
export {
  type Chart,
  type ChartBar,
  type ChartChord,
  type ChartProblem,
  type ChartSection,
  type KeptLine,
} from "./chart";
export { keyOfSignature, signatureOf } from "./keySignature";
export { COMMON_METER, divides, type Meter, quartersPerBeat, readMeter } from "./meter";
export {
  type ChartNote,
  NOTE_MARKS,
  noteName,
  type NoteMark,
  noteOnString,
  type Slur,
  slurOf,
  slurOfMark,
} from "./note";
export { type TextPlace } from "./place";
export { reduceToPowerChord } from "./reduce";
export { onlyPlayed, type PlayedRange, type TuningRun, tuningRuns } from "./tuningRuns";
