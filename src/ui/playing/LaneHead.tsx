import { useEffect, useRef } from "react";
import { leftAt } from "./laneScale";
import { type Playhead } from "./playhead";

interface LaneHeadProps {
  readonly playhead: Playhead;
  /** Of the bar: its start in the song, and its length; in quarters. */
  readonly start: number;
  readonly length: number;
}

/** The line over a bar that moves with what is played; hidden outside the bar. */
export function LaneHead({ playhead, start, length }: LaneHeadProps) {
  const line = useRef<HTMLDivElement>(null);
  useEffect(
    () =>
      playhead.listen((quarters) => {
        if (!line.current) return;
        const into = quarters === null ? -1 : quarters - start;
        const isIn = into >= 0 && into < length;
        line.current.style.visibility = isIn ? "visible" : "hidden";
        if (isIn) line.current.style.left = leftAt(into / length);
      }),
    [playhead, start, length],
  );
  return (
    <div
      ref={line}
      aria-hidden="true"
      data-lane-head=""
      className="absolute inset-y-0 w-[4px] -translate-x-1/2 bg-root"
      style={{ visibility: "hidden" }}
    />
  );
}
