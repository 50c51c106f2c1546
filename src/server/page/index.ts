export { readFactsOfData } from "./dataFacts";
export { readPage } from "./readPage";
export { findSongs } from "./findSongs";
export { readLogView, readPracticeStart } from "./practice";
export { readSong, readSongOrLast } from "./readSong";
