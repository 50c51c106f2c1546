export { FEWEST_ROUNDS, fitTiming, type FitRound, type FittedTiming } from "./fitTiming";
export { roundChangeOf, tightestAt, type RoundChange } from "./roundChange";
export { SIMULATED, simulatedRound, simulatedStrikes, type Simulated } from "./simulated";
export {
  addRound,
  beginSitting,
  blockOf,
  goOn,
  ladderRounds,
  leftS,
  pass,
  remainingS,
  undoRound,
  type Sitting,
  type SittingRound,
} from "./sitting";
export { medianOf, spreadOf } from "./statistics";
export { strikeTiming, suggestedResult, type StrikeTiming } from "./strikeTimes";
export {
  planToday,
  SITTINGS,
  WHYS,
  type PlannedBlock,
  type SittingMinutes,
  type Standing,
  type TodayInput,
  type Why,
} from "./today";
