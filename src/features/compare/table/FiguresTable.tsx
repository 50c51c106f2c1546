import { NoteText } from "@/ui/text";
import { type FigureGroup } from "@/features/compare/results";

interface FiguresTableProps {
  readonly names: readonly string[];
  readonly groups: readonly FigureGroup[];
}

/** All figures of a comparison, a column for each tuning. */
export function FiguresTable({ names, groups }: FiguresTableProps) {
  return (
    // Reached by keyboard, since it scrolls sideways where it is wider than the window.
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Figures">
      <table className="w-full table-fixed border-collapse text-[16px]">
        <caption className="sr-only">Figures of each tuning</caption>
        <thead>
          <tr>
            <th scope="col" className="w-56 p-1.5 text-left font-normal text-muted">
              In figures
            </th>
            {names.map((name, place) => (
              <th key={place} scope="col" className="w-36 p-1.5 text-left font-semibold">
                <NoteText>{name}</NoteText>
              </th>
            ))}
          </tr>
        </thead>
        {groups.map(({ name, rows }) => (
          <tbody key={name}>
            <tr>
              <th
                scope="rowgroup"
                colSpan={names.length + 1}
                className="border-b border-ink px-1.5 pt-4 pb-1 text-left text-lg font-semibold"
              >
                {name}
              </th>
            </tr>
            {rows.map((row) => (
              <tr key={row.name} className="border-b border-line align-top">
                <th scope="row" className="p-1.5 text-left font-normal text-muted">
                  {row.name}
                </th>
                {row.texts.map((text, place) => (
                  <td key={place} className="figures p-1.5">
                    <NoteText>{text}</NoteText>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        ))}
      </table>
    </div>
  );
}
