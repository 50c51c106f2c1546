export { CHANGE_POINTS, changeBetween, makeChangeCost, type HandChange } from "./change";
export {
  availableMs,
  DEFAULT_LEVEL,
  fittsMs,
  leastSinceStrumMs,
  LEVELS,
  neededMs,
  TIMING,
  type Level,
  type TimingConstants,
} from "./timing";
