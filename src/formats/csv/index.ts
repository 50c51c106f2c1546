export { compareCsv, type CsvColumn } from "./compareCsv";
export { MOST_ROUNDS, readRoundsCsv, roundsCsv, type ReadRounds } from "./roundsCsv";
