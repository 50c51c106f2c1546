export { GripStrip } from "./GripStrip";
export { SongGrip } from "./SongGrip";
