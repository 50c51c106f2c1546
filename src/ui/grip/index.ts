export { EffortBar } from "./EffortBar";
export { EffortParts } from "./EffortParts";
export { FingerChoice } from "./FingerChoice";
export { fingersText, FretText, spokenFretting } from "./FretText";
export { GripDiagram } from "./GripDiagram";
export { GripList } from "./GripList";
export { ReachScale } from "./ReachScale";
export { Silence } from "./Silence";
export { SoundLines } from "./SoundLines";
