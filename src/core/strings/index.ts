export { type GaugeAdvice, adviseGauges } from "./gaugeAdvice";
export { stringWarning } from "./stringWarning";
export { type StrungGuitar } from "./strungGuitar";
export {
  DEFAULT_TENSION_LIMITS,
  type StringSpec,
  type TensionLimits,
  UNKNOWN_STRING,
  plainStressMpa,
  plainUnitMassGPerM,
  tensionN,
  tensionShare,
  unitMassGPerM,
} from "./tension";
export { type TensionWarning, findWarnings } from "./warnings";
