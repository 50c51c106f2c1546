export { DrillList } from "./DrillList";
export { KnownNeck } from "./KnownNeck";
export { moveKey, ownMove } from "./ownMove";
