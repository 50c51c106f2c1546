import { findUnisons, type Neck, type Position } from "@/core/neck";
import { type NeckScale } from "./neckScale";

interface UnisonsProps {
  readonly neck: Neck;
  readonly scale: NeckScale;
  readonly position: Position;
}

const RING_PAD = 5;

/** Rings round every other place of the very same pitch. */
export function Unisons({ neck, scale, position }: UnisonsProps) {
  return (
    <g aria-hidden="true" className="pointer-events-none">
      {[position, ...findUnisons(neck, position)].map(({ string, fret }) => (
        <circle
          key={string}
          data-unison=""
          cx={scale.markX(string, fret)}
          cy={scale.stringY(string)}
          r={scale.gripSize(fret) + RING_PAD}
          fill="none"
          stroke="var(--on-slab)"
          strokeWidth={2.5}
          strokeDasharray="5 4"
        />
      ))}
    </g>
  );
}
