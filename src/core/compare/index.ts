export {
  chordDifference,
  chordOnNeck,
  type ChordDifference,
  type ChordOnNeck,
} from "./compareChord";
export { suggestTuning } from "./suggestTuning";
