import { type BarStroke } from "@/core/playing";

interface StrokeSignProps {
  readonly stroke: Pick<BarStroke, "touch" | "stroke" | "isAccented">;
  /** The string that is picked; null where all are struck. */
  readonly stringNumber: number | null;
}

const [WIDTH, HEIGHT] = [36, 44];

/**
 * The sign of a stroke. A wedge points in the direction of the strum; a small wedge above a bar is palm muted, a cross is a
 * scratch, a number is the picked string, and a roof marks an accent.
 */
export function StrokeSign({
  stroke: { touch, stroke, isAccented },
  stringNumber,
}: StrokeSignProps) {
  const isMuted = touch === "muted";
  const size = isMuted ? 0.72 : 1;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="h-full w-auto overflow-visible">
      {isAccented && (
        <path
          d={`M 8 -3 L 18 -9 L 28 -3`}
          fill="none"
          stroke="var(--on-slab)"
          strokeWidth={4}
          strokeLinejoin="round"
        />
      )}
      {touch === "choked" ? (
        <path
          d="M 9 13 L 27 31 M 27 13 L 9 31"
          stroke="var(--at-risk)"
          strokeWidth={7}
          strokeLinecap="round"
        />
      ) : stringNumber === null ? (
        <path d={wedge(stroke, size)} fill={isMuted ? "var(--on-slab-muted)" : "var(--on-slab)"} />
      ) : (
        <>
          <circle
            cx={18}
            cy={22}
            r={16}
            fill={isMuted ? "none" : "var(--on-slab)"}
            stroke={isMuted ? "var(--on-slab-muted)" : "var(--on-slab)"}
            strokeWidth={3}
          />
          <text
            x={18}
            y={22}
            dy="0.36em"
            textAnchor="middle"
            fontSize={23}
            fontWeight={700}
            className="figures"
            fill={isMuted ? "var(--on-slab-muted)" : "var(--slab)"}
          >
            {stringNumber}
          </text>
          <path d={tip(stroke)} fill="var(--on-slab)" />
        </>
      )}
      {isMuted && <rect x={4} y={39} width={28} height={5} fill="var(--on-slab-muted)" />}
    </svg>
  );
}

/** A wedge that points down or up, in the middle of the sign. */
function wedge(stroke: BarStroke["stroke"], size: number): string {
  const [half, height] = [15 * size, 38 * size];
  const [broad, point] =
    stroke === "down" ? [22 - height / 2, 22 + height / 2] : [22 + height / 2, 22 - height / 2];
  return `M ${18 - half} ${broad} L ${18 + half} ${broad} L 18 ${point} Z`;
}

/** Which way a single string is picked: a small point under the number, or over it. */
function tip(stroke: BarStroke["stroke"]): string {
  return stroke === "down" ? "M 11 42 L 25 42 L 18 50 Z" : "M 11 2 L 25 2 L 18 -6 Z";
}
