import { memo, useMemo } from "react";
import { naturalPath, type Neck } from "@/core/neck";
import { type NeckScale } from "./neckScale";

interface NaturalStepsProps {
  readonly neck: Neck;
  readonly scale: NeckScale;
  readonly strings: readonly number[];
}

/** The half steps of the natural notes, B to C and E to F, as ties between their two marks. */
export const NaturalSteps = memo(function NaturalSteps(props: NaturalStepsProps) {
  const { neck, scale, strings } = props;
  const steps = useMemo(
    () =>
      strings
        .flatMap((string) => naturalPath(neck, string))
        .filter(({ fret, toNext }) => toNext === 1 && fret < neck.frets),
    [neck, strings],
  );
  return (
    <g aria-hidden="true" className="pointer-events-none">
      {steps.map(({ string, fret }) => {
        const y = scale.stringY(string);
        const [from, to] = [scale.markX(string, fret), scale.markX(string, fret + 1)];
        return (
          <line
            key={`${string}-${fret}`}
            x1={from}
            x2={to}
            y1={y}
            y2={y}
            stroke="var(--on-slab)"
            strokeWidth={scale.markSize(fret + 1) * 0.7}
          />
        );
      })}
    </g>
  );
});
