export { compareCsv, type CsvColumn } from "./compareCsv";
