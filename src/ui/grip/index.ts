export { EffortBar } from "./EffortBar";
export { EffortParts } from "./EffortParts";
export { FingerChoice } from "./FingerChoice";
export { FretText, fingersText, spokenFretting } from "./FretText";
export { GripDiagram } from "./GripDiagram";
export { GripList } from "./GripList";
export { GripReasons } from "./GripReasons";
export { PreferenceParts } from "./PreferenceParts";
export { Silence } from "./Silence";
