export { readAddress } from "./read";
export { readCompareAddress } from "./readCompare";
export { writeAddress } from "./write";
export { writeCompareAddress } from "./writeCompare";
export { readSongAddress, writeSongAddress } from "./songAddress";
export { readLogFilter, writeLogFilter } from "./logAddress";
