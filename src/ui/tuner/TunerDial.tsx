interface TunerDialProps {
  /** Cents over the target; null while nothing was heard. */
  readonly cents: number | null;
  readonly isLive: boolean;
}

/** Within so many cents it counts as in tune: less than most ears tell apart on one string. */
export const IN_TUNE_CENTS = 2;

const [WIDTH, HEIGHT] = [720, 150];
const MIDDLE = WIDTH / 2;
const LARGEST_CENTS = 50;
const PX_PER_CENT = 5.8;
const WIRES = [-50, -40, -30, -20, -10, 10, 20, 30, 40, 50];
const LABELLED = [-50, -20, 20, 50];
const [TONGUE, SLOT] = [44, 56];

/**
 * How far off the string is: a tongue that slides along a board and seats in its slot when it is in
 * tune. Flat is left, sharp is right; true to scale up to 50 cents.
 */
export function TunerDial({ cents, isLive }: TunerDialProps) {
  const shown = cents === null ? null : Math.max(-LARGEST_CENTS, Math.min(LARGEST_CENTS, cents));
  const isSeated = cents !== null && Math.abs(cents) <= IN_TUNE_CENTS;
  const y = 62;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="figures block w-full rounded-lg bg-slab"
      aria-hidden="true"
    >
      <rect x={20} y={y - 34} width={WIDTH - 40} height={68} fill="var(--board)" />
      {WIRES.map((wire) => (
        <line
          key={wire}
          x1={MIDDLE + wire * PX_PER_CENT}
          x2={MIDDLE + wire * PX_PER_CENT}
          y1={y - 34}
          y2={y + 34}
          stroke="var(--wire)"
          strokeWidth={LABELLED.includes(wire) ? 2.5 : 1.2}
        />
      ))}
      {LABELLED.map((label) => (
        <text
          key={label}
          x={MIDDLE + label * PX_PER_CENT}
          y={y + 60}
          textAnchor="middle"
          fontSize={20}
          fill="var(--on-slab)"
        >
          {label > 0 ? `+${label}` : `−${-label}`}
        </text>
      ))}
      <text x={MIDDLE} y={y + 60} textAnchor="middle" fontSize={20} fill="var(--on-slab)">
        0 cents
      </text>
      <rect
        x={MIDDLE - SLOT / 2}
        y={y - 40}
        width={SLOT}
        height={80}
        rx={4}
        fill="var(--slab)"
        stroke="var(--on-slab)"
        strokeWidth={3}
      />
      {shown !== null && (
        <g transform={`translate(${MIDDLE + shown * PX_PER_CENT} 0)`} opacity={isLive ? 1 : 0.55}>
          <rect
            x={-TONGUE / 2}
            y={y - 28}
            width={TONGUE}
            height={56}
            rx={3}
            fill="var(--root)"
            stroke={isSeated ? "var(--on-slab)" : "var(--slab)"}
            strokeWidth={isSeated ? 4 : 2}
          />
          <line x1={0} x2={0} y1={y - 28} y2={y + 28} stroke="var(--on-mark)" strokeWidth={2} />
        </g>
      )}
    </svg>
  );
}
