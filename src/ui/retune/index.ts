export { GaugeAdviceView } from "./GaugeAdviceView";
export { RetuneSheetView } from "./RetuneSheetView";
export { checkText, pullText, tensionText, turnText, warningText } from "./retuneWords";
export { strung, useRetuneSheet } from "./useRetuneSheet";
