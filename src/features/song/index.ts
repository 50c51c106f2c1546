export { SONG } from "./room";
export { SongScreen } from "./SongScreen";
