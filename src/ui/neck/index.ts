export { markRole, MarkShape, type MarkRole } from "./Mark";
export { NeckGrip, type GripScale, type ShownGrip } from "./NeckGrip";
export { NeckView } from "./NeckView";
