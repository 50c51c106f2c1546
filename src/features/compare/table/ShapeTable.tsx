import { type ReactNode } from "react";
import { CompareGrid } from "./CompareGrid";
import { PitchCell } from "./PitchCell";
import { ShapeCell } from "./ShapeCell";
import { type Column } from "@/features/compare/results";
import { type ShapeResults } from "@/features/compare/results";

interface ShapeTableProps {
  readonly hold: "pitches" | "shape";
  readonly columns: readonly Column[];
  readonly shapes: ShapeResults;
  readonly heads: readonly ReactNode[];
  readonly isCompact: boolean;
}

/** A shape in the first tuning, and what becomes of it, or of its pitches, in the others. */
export function ShapeTable({ hold, columns, shapes, heads, isCompact }: ShapeTableProps) {
  const reading = shapes.readings[0] ?? null;
  const root = reading?.root ?? null;
  const cells = columns.map((column, place) =>
    hold === "shape" || place === 0 ? (
      <ShapeCell
        key={place}
        column={column}
        held={shapes.held[place] ?? null}
        reading={shapes.readings[place] ?? null}
        isFirst={place === 0}
      />
    ) : (
      <PitchCell key={place} column={column} root={root} found={shapes.pitches[place] ?? null} />
    ),
  );
  return (
    <CompareGrid
      heads={heads}
      isCompact={isCompact}
      rows={[{ key: hold, name: reading?.name ?? "Shape", cells }]}
    />
  );
}
