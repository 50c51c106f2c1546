import { type Fingering } from "@/core/hand";

interface ReachMarksProps {
  readonly presses: Fingering["presses"];
  readonly xOf: (fret: number) => number;
  /** The line of the distances, and where it comes down to the board. */
  readonly y: number;
  readonly foot: number;
  /** The middle of the board. */
  readonly middle: number;
  readonly size: number;
}

/** Fingers on one fret stand apart by less than this along a fanned fret, in mm: no distance to draw. */
const TOGETHER_MM = 5;

/** Above the board, to its scale: how far the fingers stand apart along the neck. */
export function ReachMarks({ presses, xOf, y, foot, middle, size }: ReachMarksProps) {
  const places = [...presses].map(({ hold }) => hold).sort((a, b) => a.tipMm - b.tipMm);
  const gaps = places
    .slice(1)
    .map((to, index) => ({ from: places[index] ?? to, to }))
    .filter(({ from, to }) => to.tipMm - from.tipMm > TOGETHER_MM);
  if (gaps.length === 0) {
    return (
      <text
        aria-hidden="true"
        x={middle}
        y={y}
        dy="0.35em"
        textAnchor="middle"
        fontSize={size}
        fill="var(--on-slab-muted)"
      >
        no stretch
      </text>
    );
  }
  return (
    <g aria-hidden="true" stroke="var(--on-slab-muted)" strokeWidth={size * 0.09}>
      {gaps.map(({ from, to }) => {
        const [a, b] = [xOf(from.fret), xOf(to.fret)];
        return (
          <g key={to.fret}>
            <path d={`M ${a} ${foot} V ${y} H ${b} V ${foot}`} fill="none" />
            <text
              x={(a + b) / 2}
              y={y}
              dy="0.35em"
              textAnchor="middle"
              fontSize={size}
              fontWeight={600}
              fill="var(--on-slab)"
              stroke="var(--slab)"
              strokeWidth={size * 0.6}
              paintOrder="stroke"
            >
              {`${Math.round(to.tipMm - from.tipMm)} mm`}
            </text>
          </g>
        );
      })}
    </g>
  );
}
