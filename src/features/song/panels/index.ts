export { SongPanels } from "./SongPanels";
