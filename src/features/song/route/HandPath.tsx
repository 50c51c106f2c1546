import { memo, useEffect, useLayoutEffect, useRef, useState } from "react";
import { type Arrangement, type SongRoute } from "@/core/arrangement";
import { type Neck } from "@/core/neck";
import { useEvent } from "@/ui/controls";
import { spokenNotes } from "@/ui/text";
import { makePathScale } from "./pathScale";
import { PathBoard } from "./PathBoard";
import { PathLabels } from "./PathLabels";
import { PathStops } from "./PathStops";
import { type Playhead } from "@/ui/playing";
import { type HOLDS_WORDS } from "@/features/song/state";

interface HandPathProps {
  readonly arrangement: Arrangement;
  readonly route: SongRoute | null;
  readonly neck: Neck;
  readonly isWaiting: boolean;
  readonly chosen: number | null;
  readonly onChoose: (chord: number) => void;
  /** Chords whose down strokes are too fast. */
  readonly hardStrokes: readonly number[];
  readonly playhead: Playhead;
}

/** Drawn beyond what is in sight, in px, so that scrolling shows no gaps. */
const AROUND_PX = 600;

/** The hand over time: frets, true to scale, against bars. Each stop is a block, each jump a line. */
export const HandPath = memo(function HandPath(props: HandPathProps) {
  const { arrangement, route, neck, isWaiting, chosen, onChoose, hardStrokes, playhead } = props;
  const frame = useRef<HTMLDivElement>(null);
  const head = useRef<SVGGElement>(null);
  const [sight, setSight] = useState({ left: 0, width: 1200 });
  const scale = makePathScale(arrangement, neck, route, sight.width);

  useLayoutEffect(() => {
    const element = frame.current;
    if (!element) return;
    const measure = () =>
      setSight({ left: element.scrollLeft, width: Math.floor(element.clientWidth) });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    element.addEventListener("scroll", measure, { passive: true });
    return () => {
      observer.disconnect();
      element.removeEventListener("scroll", measure);
    };
  }, []);

  // The playhead moves with every frame, and nothing else is drawn anew for it.
  const moveHead = useEvent((quarters: number | null) => {
    const line = head.current;
    if (!line) return;
    line.style.display = quarters === null ? "none" : "";
    if (quarters === null) return;
    const x = scale.x(quarters);
    line.setAttribute("transform", `translate(${x} 0)`);
    keepInSight(frame.current, x);
  });
  useEffect(() => playhead.listen(moveHead), [playhead, moveHead]);
  const showChosen = useEvent(() => {
    const start = chosen === null ? undefined : arrangement.chords[chosen]?.start;
    if (start !== undefined) keepInSight(frame.current, scale.x(start));
  });
  useEffect(showChosen, [chosen, showChosen]);

  const [from, to] = [sight.left - AROUND_PX, sight.left + sight.width + AROUND_PX];
  return (
    <div
      ref={frame}
      className="relative overflow-x-auto rounded-lg bg-slab"
      tabIndex={0}
      role="region"
      aria-label="Route over the neck"
      aria-busy={isWaiting}
    >
      <svg
        role="group"
        aria-label={pathLabel(route)}
        width={scale.width}
        height={scale.height}
        viewBox={`0 0 ${scale.width} ${scale.height}`}
        className="figures block select-none"
        data-picture="path"
      >
        <PathBoard arrangement={arrangement} scale={scale} from={from} to={to} />
        {route && (
          <PathStops
            arrangement={arrangement}
            route={route}
            scale={scale}
            from={from}
            to={to}
            chosen={chosen}
            hardStrokes={hardStrokes}
            onChoose={onChoose}
          />
        )}
        <PathLabels scale={scale} left={sight.left} />
        <g ref={head} style={{ display: "none" }} data-playhead="">
          <line y1={scale.top - 10} y2={scale.bottom + 8} stroke="var(--on-slab)" strokeWidth={3} />
          <path d={`M -7 ${scale.top - 16} h 14 l -7 9 Z`} fill="var(--on-slab)" />
        </g>
      </svg>
    </div>
  );
});

function pathLabel(route: SongRoute | null): string {
  if (!route) return "no route yet";
  const { changes } = route.timed;
  const count = (holds: keyof typeof HOLDS_WORDS) =>
    changes.filter((change) => change.holds === holds).length;
  return spokenNotes(
    `${route.timed.stops.length} grips, ${count("tight")} tight changes, ${count("too fast")} too fast`,
  );
}

const MARGIN_PX = 120;

function keepInSight(frame: HTMLElement | null, x: number): void {
  if (!frame) return;
  const { scrollLeft, clientWidth } = frame;
  const isIn = x > scrollLeft + MARGIN_PX / 2 && x < scrollLeft + clientWidth - MARGIN_PX;
  if (!isIn) frame.scrollLeft = Math.max(0, x - MARGIN_PX);
}
