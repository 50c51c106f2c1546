import { type ReactNode } from "react";
import { NoteText } from "@/ui/text";

interface CompareGridProps {
  /** One for each tuning. */
  readonly heads: readonly ReactNode[];
  readonly rows: readonly {
    readonly key: string;
    /** What the row holds: "D5". */
    readonly name: string;
    /** How often it is played. */
    readonly times?: number;
    readonly cells: readonly ReactNode[];
  }[];
  readonly isCompact: boolean;
}

/** The narrowest that a column with drawings, or with figures only, may get, in px. */
const COLUMN_PX = 236;
const COMPACT_PX = 136;

/** Tunings side by side, a row for each chord; scrolls sideways where they do not fit. */
export function CompareGrid({ heads, rows, isCompact }: CompareGridProps) {
  const min = isCompact ? COMPACT_PX : COLUMN_PX;
  const template = `${isCompact ? 3.5 : 4.5}rem repeat(${heads.length}, minmax(${min}px, 1fr))`;
  return (
    <div
      role="table"
      aria-label="Tunings side by side"
      className={`grid gap-y-2 ${isCompact ? "gap-x-2" : "gap-x-3"}`}
      style={{ gridTemplateColumns: template }}
    >
      <div role="row" className="contents">
        <span role="columnheader" className="sr-only">
          Chord
        </span>
        <span aria-hidden="true" />
        {heads.map((head, place) => (
          <div key={place} role="columnheader" className="min-w-0 pb-1">
            {head}
          </div>
        ))}
      </div>
      {rows.map(({ key, name, times = 1, cells }) => (
        <div key={key} role="row" className="contents">
          <div
            role="rowheader"
            className="sticky left-0 z-10 flex flex-col justify-center bg-ground text-xl font-bold"
          >
            <span>
              <NoteText>{name}</NoteText>
            </span>
            {times > 1 && (
              <span className="text-[15px] font-normal text-muted">{`× ${times}`}</span>
            )}
          </div>
          {cells.map((cell, place) => (
            <div key={place} role="cell" className="min-w-0">
              {cell}
            </div>
          ))}
        </div>
      ))}
    </div>
  );
}

/** Whether this many columns with drawings fit into a width in px. */
export function fitsDrawings(columns: number, widthPx: number): boolean {
  return columns * COLUMN_PX + 72 <= widthPx;
}
