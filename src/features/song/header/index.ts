export { EditPanel } from "./EditPanel";
export { SongFoot } from "./SongFoot";
export { SongHeader } from "./SongHeader";
