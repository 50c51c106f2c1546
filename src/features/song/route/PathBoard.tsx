import { memo } from "react";
import { type Arrangement } from "@/core/arrangement";
import { NoteTspans } from "@/ui/text";
import { type PathScale } from "./pathScale";
import { sectionName } from "@/features/song/state";

interface PathBoardProps {
  readonly arrangement: Arrangement;
  readonly scale: PathScale;
  /** What is drawn, in px. */
  readonly from: number;
  readonly to: number;
}

/** The grid of frets and bars behind the hand’s path. */
export const PathBoard = memo(function PathBoard(props: PathBoardProps) {
  const { arrangement, scale, from, to } = props;
  const { top, bottom, frets, width } = scale;
  const end = scale.x(arrangement.length);
  const bars = arrangement.bars
    .map((bar, index) => ({ ...bar, index, x: scale.x(bar.start) }))
    .filter(({ x }) => x >= from && x <= to);
  return (
    <g aria-hidden="true">
      {Array.from({ length: frets + 1 }, (_, fret) => (
        <line
          key={fret}
          x1={scale.x(0)}
          x2={Math.max(end, width - 12)}
          y1={scale.wireY(fret)}
          y2={scale.wireY(fret)}
          stroke={fret === 0 ? "var(--nut)" : "var(--inlay)"}
          strokeWidth={fret === 0 ? 4 : 1}
        />
      ))}
      {bars.map(({ x, index, section }) => {
        const begins = arrangement.bars[index - 1]?.section !== section;
        return (
          <g key={index}>
            <line
              x1={x}
              x2={x}
              y1={top - 8}
              y2={bottom + 6}
              stroke="var(--on-slab-muted)"
              strokeWidth={begins ? 2 : 1}
              strokeDasharray={begins ? undefined : "2 5"}
            />
            <text x={x + 4} y={bottom + 22} fontSize={14} fill="var(--on-slab-muted)">
              {index + 1}
            </text>
            {begins && (
              <text x={x + 6} y={top - 12} fontSize={15} fontWeight={600} fill="var(--on-slab)">
                <NoteTspans>{sectionName(arrangement.sectionKeys[section] ?? "")}</NoteTspans>
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
});
