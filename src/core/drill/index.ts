export { QUESTION_DRILLS, drillsOf } from "./catalogue";
export {
  DRILL_KINDS,
  type QuestionDrill,
  type Drill,
  type DrillKind,
  type PlayedDrill,
} from "./drill";
export { songDrills } from "./fromSong";
export { type DrillRig } from "./grips";
export {
  climb,
  DEFAULT_LADDER,
  firstRung,
  firstRungOfDay,
  rungFor,
  shownAheadQuarters,
  SPARE_SHARE,
  topBpm,
  type LadderAim,
  type LadderRound,
  type LadderSettings,
  type Rung,
} from "./ladder";
export { DIRECTIONS, fretToFret, MOVED_VOICINGS, type Direction, type MovedVoicing } from "./moves";
export { gradeAnswer, judge, type Answer } from "./answers";
export { levelAfter } from "./levels";
export { askQuestion, type NeckPlace, type Question, type QuestionScope } from "./questions";
export { GOAL_BPM } from "./sequence";
export { startTempo } from "./startTempo";
export { STEPS, type Step } from "./step";
