export { compareCsv, type CsvColumn } from "./compareCsv";
export { MAX_ROUNDS, readRoundsCsv, roundsCsv, type ReadRounds } from "./roundsCsv";
export { readSongTable, songCsv } from "./songCsv";
export { readTable, tableText, type Table } from "./table";
export { readTuningsTable, tuningsCsv, type ReadTunings } from "./tuningsCsv";
