export { compareCsv } from "./compareCsv";
export { MAX_ROUNDS, readRoundsCsv, roundsCsv } from "./roundsCsv";
export { readSongTable, songCsv } from "./songCsv";
export { readTable, tableText, type Table } from "./table";
export { readTuningsTable, tuningsCsv } from "./tuningsCsv";
