export { changeBetween, makeChangeCost, type HandChange } from "./change";
export { type ChangeDemands } from "./demands";
export { NOTE_TIME_SHARE, noteChangeBetween, noteChangeCost } from "./noteChange";
export {
  DEFAULT_LEVEL,
  LEVELS,
  neededMs,
  possibleMs,
  TIMING,
  TIMING_TERMS,
  timingParts,
  type Level,
  type TimingConstants,
  type TimingTerm,
  type TimingTerms,
} from "./timing";
