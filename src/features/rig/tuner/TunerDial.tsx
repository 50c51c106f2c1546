import { useWidth } from "@/ui/neck";

interface TunerDialProps {
  /** Cents over the target; null while nothing was heard. */
  readonly cents: number | null;
  readonly isLive: boolean;
}

/** Counts as in tune within this many cents: less than most ears can hear on one string. */
export const IN_TUNE_CENTS = 2;

const FIRST_WIDTH = 1024;
const HEIGHT = 190;
const LARGEST_CENTS = 50;
/** Px left beside the outermost wires. */
const MARGIN = 44;
const WIRES = [-50, -40, -30, -20, -10, 10, 20, 30, 40, 50];
const LABELLED = [-50, -20, 20, 50];
const [BOARD_TOP, BOARD_BOTTOM] = [24, 124];
const BOARD_HEIGHT = BOARD_BOTTOM - BOARD_TOP;
const LABEL_Y = 166;
/** How much wider the slot is than the tongue, on each side. */
const PLAY = 5;

/**
 * How far off the string is: a tongue that slides along a board and seats in its slot when it is in
 * tune. Flat is left, sharp is right; true to scale up to 50 cents.
 */
export function TunerDial({ cents, isLive }: TunerDialProps) {
  const [frame, width] = useWidth(FIRST_WIDTH);
  const middle = width / 2;
  const pxPerCent = (middle - MARGIN) / LARGEST_CENTS;
  const x = (at: number) => middle + at * pxPerCent;
  const tongue = Math.min(56, 15 * pxPerCent);
  const shown = cents === null ? null : Math.max(-LARGEST_CENTS, Math.min(LARGEST_CENTS, cents));
  const isSeated = cents !== null && Math.abs(cents) <= IN_TUNE_CENTS;
  return (
    <div ref={frame} aria-hidden="true">
      <svg width={width} height={HEIGHT} className="figures block rounded-lg bg-slab">
        <rect x={12} y={BOARD_TOP} width={width - 24} height={BOARD_HEIGHT} fill="var(--board)" />
        {WIRES.map((wire) => (
          <line
            key={wire}
            x1={x(wire)}
            x2={x(wire)}
            y1={BOARD_TOP}
            y2={BOARD_BOTTOM}
            stroke="var(--wire)"
            strokeWidth={LABELLED.includes(wire) ? 3 : 1.5}
          />
        ))}
        {[...LABELLED, 0].map((label) => (
          <text
            key={label}
            x={x(label)}
            y={LABEL_Y}
            textAnchor="middle"
            fontSize={24}
            fontWeight={label === 0 ? 700 : 400}
            fill="var(--on-slab)"
          >
            {label > 0 ? `+${label}` : label < 0 ? `−${-label}` : "0"}
          </text>
        ))}
        <rect
          x={middle - tongue / 2 - PLAY}
          y={BOARD_TOP - 8}
          width={tongue + 2 * PLAY}
          height={BOARD_HEIGHT + 16}
          rx={4}
          fill="var(--slab)"
          stroke="var(--on-slab)"
          strokeWidth={3}
        />
        {shown !== null && (
          <g transform={`translate(${x(shown)} 0)`} opacity={isLive ? 1 : 0.55}>
            <rect
              x={-tongue / 2}
              y={BOARD_TOP + 6}
              width={tongue}
              height={BOARD_HEIGHT - 12}
              rx={3}
              fill="var(--root)"
              stroke={isSeated ? "var(--on-slab)" : "var(--slab)"}
              strokeWidth={isSeated ? 4 : 2}
            />
            <line
              y1={BOARD_TOP + 6}
              y2={BOARD_BOTTOM - 6}
              stroke="var(--on-mark)"
              strokeWidth={2}
            />
          </g>
        )}
      </svg>
    </div>
  );
}
