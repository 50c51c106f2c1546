export { FEWEST_ROUNDS, fitTiming } from "./fitTiming";
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
export { medianOf } from "./statistics";
export { strikeTiming, suggestedResult, type StrikeTiming } from "./strikeTimes";
export {
  planToday,
  SITTINGS,
  WHYS,
  type PlannedBlock,
  type SittingMinutes,
  type Standing,
  type Why,
} from "./today";
