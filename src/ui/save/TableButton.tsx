import { type RefObject } from "react";
import { Download } from "lucide-react";
import { saveTable } from "./saveTable";

interface TableButtonProps {
  readonly table: RefObject<HTMLTableElement | null>;
  /** What the file is called. */
  readonly name: string;
}

/** Saves the table that it belongs to, as comma-separated values. */
export function TableButton({ table, name }: TableButtonProps) {
  const save = () => {
    if (table.current) void saveTable(name, table.current);
  };
  return (
    <button
      type="button"
      className="button px-3"
      aria-label={`Save ${name} as a table`}
      onClick={save}
    >
      <Download size={18} aria-hidden="true" />
      CSV
    </button>
  );
}
