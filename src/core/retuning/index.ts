export { type ByEarCheck, findCheck } from "./byEar";
export { type RetuneStep, retuneSteps } from "./retune";
export {
  type RetuneOptions,
  type RetuneSheet,
  type RetunedString,
  makeRetuneSheet,
} from "./retuneSheet";
