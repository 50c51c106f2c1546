export { EditPanel } from "./EditPanel";
export { GuitarChanges, guitarNote } from "./GuitarChanges";
export { SongFoot } from "./SongFoot";
export { SongHeader } from "./SongHeader";
