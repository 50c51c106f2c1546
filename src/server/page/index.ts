export { readDataFacts } from "./dataFacts";
export { readPage, type PageData } from "./readPage";
export { readUnreadable, type Unreadable } from "./unreadable";
export { findSongs, type FoundSong } from "./findSongs";
export { readLogView, readPracticeStart } from "./practice";
export { readSong, readSongOrLast } from "./readSong";
