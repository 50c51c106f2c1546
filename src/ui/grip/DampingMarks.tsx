import { type DampingPlan } from "@/core/hand";
import { damperOnString } from "./reasonWords";

interface DampingMarksProps {
  readonly damping: DampingPlan;
  readonly x: number;
  readonly anchor: "start" | "end";
  readonly stringY: (string: number) => number;
  readonly size: number;
}

/** On every silent string what keeps it so; what is at risk begins with an exclamation mark. */
export function DampingMarks({ damping, x, anchor, stringY, size }: DampingMarksProps) {
  return (
    <g aria-hidden="true">
      {damping.silent.map((silent) => (
        <text
          key={silent.string}
          x={x}
          y={stringY(silent.string)}
          dy="0.35em"
          textAnchor={anchor}
          fontSize={size}
          fontWeight={silent.isSafe ? 400 : 700}
          fill={silent.isSafe ? "var(--on-slab)" : "var(--at-risk)"}
          stroke="var(--board)"
          strokeWidth={size * 0.4}
          paintOrder="stroke"
        >
          {damperOnString(silent)}
        </text>
      ))}
    </g>
  );
}
