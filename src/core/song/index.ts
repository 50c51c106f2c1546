export {
  type Chart,
  type ChartBar,
  type ChartChord,
  type ChartProblem,
  type ChartSection,
  type KeptLine,
} from "./chart";
export { readChart } from "./readChart";
export { FORM_CHORDS, FORMS, writeForm, type Form, type FormChords } from "./form";
export { transposeChart, type Move } from "./transpose";
export { playedChords, quartersPerBeat, type PlayedChord } from "./played";
