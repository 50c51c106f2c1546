export { QUESTION_DRILLS, drillsOf } from "./catalogue";
export {
  QUESTION_KINDS,
  DRILL_KINDS,
  type QuestionDrill,
  type QuestionKind,
  type Drill,
  type DrillKind,
  type PlayedDrill,
} from "./drill";
export { songDrills, type DrilledSong } from "./fromSong";
export { powerChordAt, type DrillGrip, type DrillRig } from "./grips";
export {
  climb,
  DEFAULT_LADDER,
  firstRung,
  CHANGE_ROOMS,
  rungFor,
  shownAheadQuarters,
  type LadderRound,
  type LadderSettings,
  type Rung,
} from "./ladder";
export { DIRECTIONS, fretToFret, type Direction } from "./moves";
export { gradeAnswer, judge, type Answer, type AnswerVerdict } from "./answers";
export {
  askQuestion,
  type Expected,
  type QuestionSound,
  type NeckPlace,
  type Question,
  type Random,
} from "./questions";
export { startTempo } from "./startTempo";
export { STEPS, type Step } from "./step";
