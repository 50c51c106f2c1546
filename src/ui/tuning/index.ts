export { SayTuning } from "./SayTuning";
export { TuningDialog } from "./TuningDialog";
export { TuningRow } from "./TuningRow";
export { checkText, pullText, tensionText, turnText, warningText } from "./retuneWords";
export { rowsLayout, tuningLists, type TuningList, type TuningShelf } from "./tuningLists";
export { useSaying } from "./useSaying";
