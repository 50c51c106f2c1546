import { pitchTexts } from "@/core/pitch";
import { success, type Result } from "@/core/result";
import { readTuning, type Tuning } from "@/core/tuning";
import { oneLine } from "@/formats/chartText";
import { problemAt, type FormatProblem } from "@/formats/score";
import { tableText, type Table } from "./table";

interface ReadTunings {
  readonly tunings: readonly Tuning[];
  readonly problems: readonly FormatProblem[];
}

const LONGEST_NAME = 60;

/** Tunings as a table: their names, and their strings from thick to thin. */
export function tuningsCsv(tunings: readonly Pick<Tuning, "name" | "midi">[]): string {
  return tableText(
    ["tuning", "strings"],
    tunings.map(({ name, midi }) => [name, pitchTexts(midi).join(" ")]),
  );
}

/** Reads a table of tunings: what each is called, in `tuning` or `name`, and its `strings` in any text that Tenon reads. */
export function readTuningsTable({ columns, rows }: Table): Result<ReadTunings> {
  const nameColumn = columns.includes("tuning") ? "tuning" : "name";
  const problems: FormatProblem[] = [];
  const tunings: Tuning[] = [];
  for (const { line, cells } of rows) {
    const name = oneLine(cells[nameColumn] ?? "").slice(0, LONGEST_NAME);
    const strings = cells.strings ?? "";
    const read = readTuning(strings === "" ? name : strings);
    if (!read.ok) problems.push(problemAt(line, read.problem.message));
    else tunings.push(name === "" ? read.value.tuning : { ...read.value.tuning, name });
  }
  return success({ tunings, problems });
}
