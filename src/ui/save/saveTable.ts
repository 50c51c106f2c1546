import { download } from "./download";
import { fileName } from "./fileName";

type Cell = string | number;

/** Saves rows as comma-separated values. */
export async function saveRows(
  name: string,
  columns: readonly string[],
  rows: readonly (readonly Cell[])[],
): Promise<void> {
  const { tableText } = await import("@/formats/csv");
  const file = new Blob([tableText(columns, rows)], { type: "text/csv;charset=utf-8" });
  download(file, `${fileName(name) || "table"}.csv`);
}

/** Saves a table as it stands on screen. A cell over several columns or rows stands in each of them. */
export async function saveTable(name: string, table: HTMLTableElement): Promise<void> {
  const grid: string[][] = [];
  for (const [at, row] of [...table.rows].entries()) {
    const cells = (grid[at] ??= []);
    let column = 0;
    for (const cell of row.cells) {
      while (cells[column] !== undefined) column++;
      for (let down = 0; down < cell.rowSpan; down++) {
        const below = (grid[at + down] ??= []);
        for (let right = 0; right < cell.colSpan; right++) below[column + right] = textOf(cell);
      }
    }
  }
  const heads = table.tHead?.rows.length ?? 1;
  const width = Math.max(0, ...grid.map(({ length }) => length));
  const columns = Array.from({ length: width }, (_, column) =>
    [...new Set(grid.slice(0, heads).map((row) => row[column] ?? ""))].filter(Boolean).join(", "),
  );
  await saveRows(name, columns, grid.slice(heads));
}

/** What a cell says; signs of notes as other programs write them. */
function textOf(cell: HTMLTableCellElement): string {
  const text = (cell.textContent ?? "").replace(/\s+/g, " ").trim();
  return text.replaceAll("♯", "#").replaceAll("♭", "b");
}
