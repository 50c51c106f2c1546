export { SaveDialog } from "./SaveDialog";
export { SongSheet } from "./SongSheet";
