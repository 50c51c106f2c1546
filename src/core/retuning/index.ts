export { type ByEarCheck, findCheck } from "./byEar";
export { type NearTuning, nearTunings } from "./nearTunings";
export { type RetuneStep, retuneSteps } from "./retune";
export {
  type RetuneOptions,
  type RetuneSheet,
  type RetunedString,
  makeRetuneSheet,
} from "./retuneSheet";
