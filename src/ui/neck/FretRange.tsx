import { useState, type KeyboardEvent, type PointerEvent } from "react";
import { type NeckScale } from "./neckScale";

export type Range = readonly [lowest: number, highest: number];

interface FretRangeProps {
  readonly scale: NeckScale;
  readonly frets: number;
  /** The frets that count; null for all. */
  readonly range: Range | null;
  readonly onRange: (range: Range | null) => void;
}

/** Px by which the shade goes past the last fret. */
const EDGE = 13;
const HANDLE_WIDTH = 16;
const HANDLE_HEIGHT = 18;
/** How far around a handle a finger still takes hold of it, in px. */
const REACH = 22;

/** Two handles under the frets, which leave out what lies beyond them; by drag or by the arrow keys. */
export function FretRange({ scale, frets, range, onRange }: FretRangeProps) {
  const [dragged, setDragged] = useState<Range | null>(null);
  const [low, high] = dragged ?? range ?? [1, frets];
  const { bottomString, topString, trackY } = scale;
  const wire = (fret: number) => scale.wireX(bottomString, fret);
  const put = (next: Range) => onRange(next[0] === 1 && next[1] === frets ? null : next);
  const setLow = (fret: number): Range => [Math.max(1, Math.min(fret, high)), high];
  const setHigh = (fret: number): Range => [low, Math.min(frets, Math.max(fret, low))];

  return (
    <>
      {[
        { from: 0, to: low - 1, edge: 0 },
        // Marks on the last fret stand a little over its wire.
        { from: high, to: frets, edge: high < frets ? EDGE * scale.direction : 0 },
      ].map(({ from, to, edge }) => (
        <polygon
          key={from === 0 ? "low" : "high"}
          className="pointer-events-none"
          points={[
            `${scale.wireX(topString, from)},${scale.stringY(topString) - 17}`,
            `${scale.wireX(topString, to) + edge},${scale.stringY(topString) - 17}`,
            `${wire(to) + edge},${scale.stringY(bottomString) + 17}`,
            `${wire(from)},${scale.stringY(bottomString) + 17}`,
          ].join(" ")}
          fill="var(--slab)"
          fillOpacity={0.72}
        />
      ))}
      <g data-handle="">
        <line
          x1={wire(0)}
          x2={wire(frets)}
          y1={trackY}
          y2={trackY}
          stroke="var(--inlay)"
          strokeWidth={2}
        />
        <line
          x1={wire(low - 1)}
          x2={wire(high)}
          y1={trackY}
          y2={trackY}
          stroke="var(--string)"
          strokeWidth={4}
        />
        <Handle
          label="Lowest fret"
          value={low}
          max={frets}
          x={wire(low - 1)}
          y={trackY}
          direction={scale.direction}
          fretAt={(x) => nearestWire(wire, frets, x) + 1}
          onDrag={(fret) => setDragged(setLow(fret))}
          onPut={(fret) => {
            setDragged(null);
            put(setLow(fret));
          }}
        />
        <Handle
          label="Highest fret"
          value={high}
          max={frets}
          x={wire(high)}
          y={trackY}
          direction={scale.direction}
          fretAt={(x) => nearestWire(wire, frets, x)}
          onDrag={(fret) => setDragged(setHigh(fret))}
          onPut={(fret) => {
            setDragged(null);
            put(setHigh(fret));
          }}
        />
      </g>
    </>
  );
}

interface HandleProps {
  readonly label: string;
  readonly value: number;
  readonly max: number;
  readonly x: number;
  readonly y: number;
  readonly direction: 1 | -1;
  /** The fret that a handle at x stands for. */
  readonly fretAt: (x: number) => number;
  readonly onDrag: (fret: number) => void;
  readonly onPut: (fret: number) => void;
}

function Handle(props: HandleProps) {
  const { label, value, max, x, y, direction, fretAt, onDrag, onPut } = props;
  const [isHeld, setIsHeld] = useState(false);
  const fretOf = ({ clientX, currentTarget }: PointerEvent<SVGGElement>) => {
    const left = currentTarget.ownerSVGElement?.getBoundingClientRect().left ?? 0;
    return fretAt(clientX - left);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const steps: Readonly<Record<string, number>> = {
      ArrowRight: value + direction,
      ArrowLeft: value - direction,
      ArrowUp: value + 1,
      ArrowDown: value - 1,
      Home: 1,
      End: max,
    };
    const next = steps[event.key];
    if (next === undefined) return;
    event.preventDefault();
    onPut(next);
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={1}
      aria-valuemax={max}
      aria-valuenow={value}
      className="cursor-ew-resize touch-none"
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setIsHeld(true);
      }}
      onPointerMove={(event) => isHeld && onDrag(fretOf(event))}
      onPointerUp={(event) => {
        setIsHeld(false);
        onPut(fretOf(event));
      }}
      onPointerCancel={() => {
        setIsHeld(false);
        onPut(value);
      }}
    >
      <rect x={x - REACH} y={y - REACH / 2} width={REACH * 2} height={REACH} fill="transparent" />
      <rect
        x={x - HANDLE_WIDTH / 2}
        y={y - HANDLE_HEIGHT / 2}
        width={HANDLE_WIDTH}
        height={HANDLE_HEIGHT}
        rx={5}
        fill="var(--on-slab)"
      />
      <path
        d={`M ${x - 2.5} ${y - 4} V ${y + 4} M ${x + 2.5} ${y - 4} V ${y + 4}`}
        stroke="var(--slab)"
        strokeWidth={1.6}
      />
    </g>
  );
}

function nearestWire(wire: (fret: number) => number, frets: number, x: number): number {
  let nearest = 0;
  for (let fret = 1; fret <= frets; fret++) {
    if (Math.abs(wire(fret) - x) < Math.abs(wire(nearest) - x)) nearest = fret;
  }
  return nearest;
}
