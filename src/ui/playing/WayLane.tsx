import { memo, useMemo } from "react";
import { fingertipMm, wireMm } from "@/core/neck";
import { wayThrough, type Place, type RoutedSong } from "@/core/playing";
import { NoteTspans, spokenNotes } from "@/ui/text";
import { useWidth } from "@/ui/neck";
import { shownName } from "./playWords";

interface WayLaneProps {
  readonly song: RoutedSong;
  /** Bars as played, up to, but without, the last. */
  readonly fromBar: number;
  readonly toBar: number;
  /** The stop that is held, and the one that comes. */
  readonly now: number;
  readonly next: number | null;
  readonly leftHanded: boolean;
}

const FEWEST_FRETS = 7;
/** Px. */
const [LEFT, RIGHT, ROW, TOP, FOOT] = [44, 30, 27, 12, 20];
const [BOX, NARROW_BOX, NARROW_PX] = [54, 40, 520];
const ROWS = 2;

/** The hand's way on the neck, in frets true to scale: the places of some bars and the way between them. */
export const WayLane = memo(function WayLane(props: WayLaneProps) {
  const { song, fromBar, toBar, now, next, leftHanded } = props;
  const { arrangement, route, neck } = song;
  const [frame, width] = useWidth(800);
  const { places, steps } = useMemo(() => wayThrough(song, fromBar, toBar), [song, fromBar, toBar]);
  const highest = useMemo(
    () => Math.max(FEWEST_FRETS, ...route.timed.stops.map(({ fingering }) => topFret(fingering))),
    [route],
  );
  const frets = Math.min(neck.frets, highest + 2);
  const mm = wireMm(neck, 0, frets);
  const scaled = (at: number) => LEFT + (at / mm) * (width - LEFT - RIGHT);
  const turn = (x: number) => (leftHanded ? width - x : x);
  const wireX = (fret: number) => turn(scaled(wireMm(neck, 0, fret)));
  const fretX = (fret: number) =>
    turn(fret === 0 ? BOX / 2 + 2 : scaled(fingertipMm(neck, 0, fret)));
  const box = width < NARROW_PX ? NARROW_BOX : BOX;
  const xs = places.map(({ fret }) => fretX(fret));
  const rows = rowsFor(xs, box);
  const height = TOP + ROWS * ROW + FOOT;
  const rowY = (index: number) => TOP + ROW * (ROWS - 1 - (rows[index] ?? 0)) + ROW / 2;
  const name = ({ chord }: Place) => {
    const arranged = arrangement.chords[chord];
    return arranged ? shownName(arranged) : "";
  };
  return (
    <section aria-label="The hand's way" ref={frame} className="playing-way min-w-0">
      <svg
        role="img"
        aria-label={spokenNotes(
          `On the neck: ${places.map((place) => `${name(place)} at fret ${place.fret}`).join(", ")}`,
        )}
        viewBox={`0 0 ${width} ${height}`}
        width="100%"
        height={height}
        className="figures block rounded-lg bg-slab"
        data-picture="way"
      >
        {Array.from({ length: frets + 1 }, (_, fret) => (
          <line
            key={fret}
            x1={wireX(fret)}
            x2={wireX(fret)}
            y1={8}
            y2={height - FOOT}
            stroke={fret === 0 ? "var(--nut)" : "var(--inlay)"}
            strokeWidth={fret === 0 ? 5 : 1.5}
          />
        ))}
        {[3, 5, 7, 9, 12, 15, 17, 19, 21, 24].flatMap((fret) =>
          fret <= frets ? (
            <text
              key={fret}
              x={fretX(fret)}
              y={height - 5}
              textAnchor="middle"
              fontSize={16}
              fill="var(--on-slab-muted)"
            >
              {fret}
            </text>
          ) : (
            []
          ),
        )}
        {steps.map(([from, to]) => {
          const [a, b] = [places[from], places[to]];
          if (!a || !b) return null;
          const [x1, x2] = [fretX(a.fret), fretX(b.fret)];
          const [y1, y2] = [rowY(from) - 11, rowY(to) - 11];
          const isNow = isWay(a, b, now, next);
          return (
            <path
              key={`${from} ${to}`}
              d={`M ${x1} ${y1} Q ${(x1 + x2) / 2} ${Math.min(y1, y2) - 16} ${x2} ${y2}`}
              fill="none"
              stroke={isNow ? "var(--root)" : "var(--on-slab)"}
              strokeWidth={isNow ? 4 : 1.5}
              strokeOpacity={isNow ? 1 : 0.6}
            />
          );
        })}
        {places.map((place, index) => {
          const [x, y] = [fretX(place.fret), rowY(index)];
          const isNow = place.stops.includes(now);
          const isNext = next !== null && place.stops.includes(next);
          return (
            <g key={index}>
              <rect
                x={x - box / 2}
                y={y - 12}
                width={box}
                height={24}
                rx={4}
                fill={isNow ? "var(--root)" : isNext ? "var(--on-slab)" : "var(--slab)"}
                stroke={isNow ? "var(--root)" : "var(--on-slab)"}
                strokeWidth={2}
              />
              <text
                x={x}
                y={y}
                dy="0.36em"
                textAnchor="middle"
                fontSize={fontFor(name(place), box)}
                fontWeight={700}
                fill="currentColor"
                color={isNow || isNext ? "var(--on-mark)" : "var(--on-slab)"}
              >
                <NoteTspans>{name(place)}</NoteTspans>
              </text>
            </g>
          );
        })}
      </svg>
    </section>
  );
});

/** Whether the way between two places is the one that the hand takes next, whichever way it goes. */
function isWay(a: Place, b: Place, now: number, next: number | null): boolean {
  if (next === null) return false;
  const has = ({ stops }: Place, stop: number) => stops.includes(stop);
  return (has(a, now) && has(b, next)) || (has(b, now) && has(a, next));
}

function topFret({ fretting }: { readonly fretting: readonly (number | null)[] }): number {
  return Math.max(0, ...fretting.map((fret) => fret ?? 0));
}

/** In which row each box stands, from the bottom, so that none lies over another where two rows do. */
function rowsFor(xs: readonly number[], box: number): readonly number[] {
  const order = xs.map((_, index) => index).toSorted((a, b) => (xs[a] ?? 0) - (xs[b] ?? 0));
  const ends = Array.from({ length: ROWS }, () => -Infinity);
  const rows = xs.map(() => 0);
  for (const index of order) {
    const x = xs[index] ?? 0;
    const free = ends.findIndex((end) => x - box / 2 >= end);
    const row = free >= 0 ? free : ends.indexOf(Math.min(...ends));
    rows[index] = row;
    ends[row] = x + box / 2 + 2;
  }
  return rows;
}

function fontFor(name: string, box: number): number {
  return Math.min(18, (1.7 * box) / Math.max(4, name.length));
}
