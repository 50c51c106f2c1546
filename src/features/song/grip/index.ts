export { GripStrip } from "./GripStrip";
export { NowNext } from "./NowNext";
export { SongGrip } from "./SongGrip";
