import { parse, unparse } from "papaparse";
import { failure, success, type Result } from "@/core/result";

/** A table as it was read: rows by the names of their columns, in small letters. */
export interface Table {
  readonly columns: readonly string[];
  readonly rows: readonly {
    readonly line: number;
    readonly cells: Readonly<Record<string, string>>;
  }[];
}

const MAX_ROWS = 200_000;

/** Reads comma-, semicolon- or tab-separated values, with or without a byte order mark; the first row names the columns. */
export function readTable(text: string): Result<Table> {
  const { data } = parse<string[]>(text.replace(/^\uFEFF/, ""), {
    skipEmptyLines: false,
    delimiter: delimiterOf(text),
    preview: MAX_ROWS + 1,
  });
  const first = data.findIndex((row) => row.some((cell) => cell.trim() !== ""));
  const columns = (data[first] ?? []).map((name) => name.trim().toLowerCase());
  if (columns.length === 0)
    return failure("input", "the table is empty; its first row names the columns");
  const rows = data.slice(first + 1).flatMap((row, index) => {
    if (row.every((cell) => cell.trim() === "")) return [];
    const cells = Object.fromEntries(columns.map((name, at) => [name, plain(row[at] ?? "")]));
    return [{ line: first + index + 2, cells }];
  });
  return success({ columns, rows });
}

/** What stands most often between the names of the columns; a guess from all rows is misled by short tables. */
export function delimiterOf(text: string): string {
  const [first = ""] = text.trimStart().split(/\r\n|\n|\r/);
  const bare = first.replace(/"[^"]*"/g, "");
  const counted = [",", ";", "\t"].map((sign) => ({ sign, times: bare.split(sign).length }));
  return counted.reduce((max, each) => (each.times > max.times ? each : max)).sign;
}

/** A cell that was escaped because a spreadsheet would take it for a formula, as it was. */
function plain(cell: string): string {
  const trimmed = cell.trim();
  return /^'[=+\-@\t\r]/.test(trimmed) ? trimmed.slice(1) : trimmed;
}

/** Writes a table (RFC 4180); what a spreadsheet would take for a formula is escaped to stay text. */
export function tableText(
  columns: readonly string[],
  rows: readonly (readonly (string | number)[])[],
): string {
  const table = { fields: [...columns], data: rows.map((row) => [...row]) };
  return `${unparse(table, { escapeFormulae: true })}\r\n`;
}
