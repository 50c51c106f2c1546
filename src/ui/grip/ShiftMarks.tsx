import { type Fretting } from "@/core/fretting";
import { type GripScale } from "@/ui/neck";

interface ShiftMarksProps {
  /** Per string: semitones from what it sounded before; null where it is not played. */
  readonly shifts: readonly (number | null)[];
  readonly fretting: Fretting;
  readonly scale: GripScale;
  /** Where the figures stand, in px. */
  readonly x: number;
  readonly anchor: "start" | "end";
  readonly size: number;
}

/** A ring round each note that is not what it was, and by how many half steps beside its string. */
export function ShiftMarks({ shifts, fretting, scale, x, anchor, size }: ShiftMarksProps) {
  return (
    <g aria-hidden="true">
      {shifts.map((shift, string) => {
        const fret = fretting[string];
        if (!shift || typeof fret !== "number") return null;
        const y = scale.stringY(string);
        return (
          <g key={string}>
            <circle
              cx={scale.markX(string, fret)}
              cy={y}
              r={size * 1.05}
              fill="none"
              stroke="var(--at-risk)"
              strokeWidth={size * 0.2}
            />
            <text
              x={x}
              y={y}
              dominantBaseline="central"
              textAnchor={anchor}
              fontSize={Math.max(13, size)}
              fontWeight={600}
              fill="var(--at-risk)"
            >
              {shift > 0 ? `+${shift}` : `−${-shift}`}
            </text>
          </g>
        );
      })}
    </g>
  );
}
