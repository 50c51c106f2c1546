import { type ReactNode } from "react";
import { type WeighedChord } from "@/core/compare";
import { ChordCell } from "./ChordCell";
import { CompareGrid } from "./CompareGrid";
import { type ColumnResult } from "@/features/compare/results";
import { type ShownComparison } from "@/features/compare/results";

interface ChordTableProps {
  readonly chords: ShownComparison["chords"];
  readonly columns: readonly ColumnResult[];
  readonly heads: readonly ReactNode[];
  readonly isCompact: boolean;
  /** Null on paper. */
  readonly onOpen: ((answer: ColumnResult, weighed: WeighedChord) => void) | null;
}

/** The best grip of each chord in each tuning. */
export function ChordTable(props: ChordTableProps) {
  const { chords, columns, heads, isCompact, onOpen } = props;
  const rows = chords.map(({ chord, times }, index) => ({
    key: chord.name,
    name: chord.name,
    times,
    cells: columns.map((answer, place) => {
      const weighed = answer.weighed?.chords[index];
      return weighed ? (
        <ChordCell
          key={place}
          column={answer.column}
          weighed={weighed}
          isCompact={isCompact}
          onOpen={onOpen && (() => onOpen(answer, weighed))}
        />
      ) : (
        <p key={place} className="panel h-full min-h-24" aria-hidden="true" />
      );
    }),
  }));
  return <CompareGrid heads={heads} isCompact={isCompact} rows={rows} />;
}
