export { dayNumberOf, isToday, localDayNumber, localTime } from "./localTime";
export { type PlacedDrill } from "./placedDrill";
export { PLAYED_KEYS, QUESTION_KEYS, SITTING_KEYS, TODAY_KEYS } from "./practiceKeys";
export { type PracticeData, usePracticeData } from "./usePracticeData";
export { useNoteStage } from "./useNoteStage";
export { usePracticeRig } from "./usePracticeRig";
export { usePracticeSettings } from "./usePracticeSettings";
export {
  KIND_WORDS,
  KNOWING_WORDS,
  RESULT_WORDS,
  evidenceText,
  STEP_WORDS,
  WHY_WORDS,
  clockText,
  dateText,
  minutesText,
  stageText,
  offText,
} from "./words";
