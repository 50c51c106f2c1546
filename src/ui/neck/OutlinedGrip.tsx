import { type Fingering } from "@/core/hand";
import { type NeckScale } from "./neckScale";

/** A grip as dashed outlines, for comparison with one drawn in full. */
export function OutlinedGrip({
  scale,
  fingering,
}: {
  readonly scale: NeckScale;
  readonly fingering: Fingering;
}) {
  const { fretting, fingers } = fingering;
  return fretting.map((fret, string) => {
    if (fret === null) return null;
    const [x, y, size] = [scale.markX(string, fret), scale.stringY(string), scale.gripSize(fret)];
    return (
      <g key={string} aria-hidden="true">
        <circle
          cx={x}
          cy={y}
          r={size * 0.95}
          fill="none"
          stroke="var(--on-slab)"
          strokeWidth={2}
          strokeDasharray="4 4"
        />
        {fingers[string] !== 0 && (
          <text x={x} y={y} dy="0.36em" fontSize={15} fill="var(--on-slab)" textAnchor="middle">
            {fingers[string]}
          </text>
        )}
      </g>
    );
  });
}
