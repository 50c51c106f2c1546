export { readDataFacts } from "./dataFacts";
export { readPage } from "./readPage";
export { readUnreadable, type Unreadable } from "./unreadable";
export { findSongs } from "./findSongs";
export { readLogView, readPracticeStart } from "./practice";
export { readSong, readSongOrLast } from "./readSong";
