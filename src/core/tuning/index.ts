export { TUNING_GROUPS, TUNINGS, type TuningGroup } from "./catalogue";
export { type ByEarCheck } from "./byEar";
export { adviseGauges, type GaugeAdvice } from "./gaugeAdvice";
export { parentOf, type Parent } from "./parent";
export { nameTuning } from "./naming";
export { readTuning, type ReadTuningOptions, type TuningReading } from "./read";
export { retuneSteps, type RetuneStep } from "./retune";
export {
  makeRetuneSheet,
  type RetunedString,
  type RetuneOptions,
  type RetuneSheet,
  type SecondPassStep,
  type StrungGuitar,
} from "./retuneSheet";
export {
  DEFAULT_TENSION_LIMITS,
  plainStressMpa,
  plainUnitMassGPerM,
  tensionN,
  tensionShare,
  unitMassGPerM,
  UNKNOWN_STRING,
  type StringSpec,
  type TensionLimits,
} from "./tension";
export { stringWarning } from "./stringWarning";
export { type TensionWarning } from "./warnings";
export {
  HIGHEST_STRING_MIDI,
  isCrossed,
  LOWEST_STRING_MIDI,
  MAX_STRINGS,
  MIN_STRINGS,
  samePitches,
  stepCost,
  usualMidi,
  type Tuning,
  type TuningKind,
} from "./tuning";
