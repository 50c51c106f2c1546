import { type PathScale } from "./pathScale";

interface PathLabelsProps {
  readonly scale: PathScale;
  /** The left edge of what is in sight, where the numbers stay. */
  readonly left: number;
}

const NUMBERED = [3, 5, 7, 9, 12, 15, 17, 19, 21, 24];

/** The numbers of the frets; drawn last, so that what is scrolled goes under them. */
export function PathLabels({ scale, left }: PathLabelsProps) {
  const { frets, bottom } = scale;
  return (
    <g aria-hidden="true">
      <rect x={left} y={0} width={50} height={scale.height} fill="var(--slab)" />
      {NUMBERED.filter((fret) => fret <= frets).map((fret) => (
        <text
          key={fret}
          x={left + 40}
          y={scale.fretY(fret) + 5}
          textAnchor="end"
          fontSize={15}
          fill="var(--on-slab-muted)"
        >
          {fret}
        </text>
      ))}
      <text x={left + 40} y={bottom + 5} textAnchor="end" fontSize={15} fill="var(--on-slab-muted)">
        nut
      </text>
    </g>
  );
}
