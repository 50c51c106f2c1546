export { markRole, MarkShape, type MarkRole } from "./Mark";
export { NeckGrip, type GripScale, type ShownGrip } from "./NeckGrip";
export { NeckMarks } from "./NeckMarks";
export { type NeckScale } from "./neckScale";
export { NeckView } from "./NeckView";
export { PlainNeck } from "./PlainNeck";
export { TapLayer } from "./TapLayer";
export { useWidth } from "./useWidth";
