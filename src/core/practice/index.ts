export {
  type Candidate,
  choosePlayed,
  type Chosen,
  type PlayedReason,
  type PracticeDay,
} from "./choosePlayed";
export {
  afterRest,
  afterRound,
  type Belief,
  type Estimate,
  estimateAfter,
  estimateOf,
  firstBelief,
  type TimedRound,
} from "./estimate";
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
  planDay,
  SITTINGS,
  WHYS,
  type DayInput,
  type Evidence,
  type PlannedBlock,
  type SittingMinutes,
  type Standing,
  type Why,
} from "./planDay";
