export {
  EMPTY_SCORE,
  MARKS,
  openMidi,
  problemAt,
  type FormatProblem,
  type ReadScore,
  type Score,
  type ScoreBar,
  type ScoreChord,
  type ScoreLine,
  type ScoreNote,
  type ScoreSection,
} from "./score";
export { chartScore } from "./chartScore";
export {
  playedBars,
  playedScoreChords,
  playedNotes,
  wholeOrder,
  writtenOut,
  type InSong,
  type PlayedBar,
} from "./played";
export { ownGrips, withGrips, type PlayedGrip } from "./grips";
export { strumBar } from "./strumNotes";
export { namedChord } from "./chordEntry";
export { riffEntry, riffOf, withRiffEntries } from "./riff";
export { chordsInNotes } from "./chordsOfNotes";
export { chordsOfPitches, riffOfPitches } from "./chordsOfPitches";
