"use client";

import { memo, useCallback, useEffect, useMemo } from "react";
import { type Neck } from "@/core/neck";
import { type Accidentals, type Note } from "@/core/pitch";
import { type DegreePosition } from "@/core/stack";
import { type MarkLabel } from "@/server/types";
import { NeckBoard } from "./NeckBoard";
import { NeckGrip, type ShownGrip } from "./NeckGrip";
import { NeckMarks } from "./NeckMarks";
import { makeNeckScale } from "./neckScale";
import { useWidth } from "./useWidth";

interface NeckViewProps {
  readonly neck: Neck;
  /** The root as it is called; degrees are spelled from it. */
  readonly root: Note;
  readonly accidentals: Accidentals;
  readonly leftHanded: boolean;
  readonly positions: readonly DegreePosition[];
  readonly labels: MarkLabel;
  /** The fingering in front; null where there is none, or while it is being worked out. */
  readonly grip: ShownGrip | null;
  /** The player asked for the map alone: no grip comes in front, and its marks stand out. */
  readonly mapOnly: boolean;
  readonly onChoose: (position: DegreePosition) => void;
}

const FIRST_WIDTH = 1232;
/** Px that a fret needs on average before the neck scrolls sideways instead of shrinking. */
export const NARROWEST_FRET = 42;
const CHOSEN_RATIO = 1.5;
const LARGEST_CHOSEN = 17;

/** The whole neck at true fret spacing, with every place of the stack and the chosen grip. */
export const NeckView = memo(function NeckView({
  neck,
  root,
  accidentals,
  leftHanded,
  positions,
  labels,
  grip,
  mapOnly,
  onChoose,
}: NeckViewProps) {
  const [frame, frameWidth] = useWidth(FIRST_WIDTH);
  const width = Math.max(frameWidth, neck.frets * NARROWEST_FRET);
  const scale = useMemo(
    () => makeNeckScale(neck, width, { leftHanded }),
    [neck, width, leftHanded],
  );
  const sizeAt = useCallback(
    (fret: number) => Math.min(LARGEST_CHOSEN, scale.markSize(fret) * CHOSEN_RATIO),
    [scale],
  );
  // On a narrow window, bring the grip into sight.
  useEffect(() => {
    const element = frame.current;
    if (!element || !grip || width <= frameWidth) return;
    const xs = grip.fingering.fretting.flatMap((fret, string) =>
      fret === null ? [] : [scale.markX(string, fret)],
    );
    element.scrollTo({ left: Math.min(...xs) - frameWidth / 3, behavior: "smooth" });
  }, [frame, frameWidth, grip, scale, width]);

  return (
    <div ref={frame} className="overflow-x-auto rounded-lg bg-slab">
      <svg
        role="group"
        aria-label="Neck, thick string at the bottom"
        width={width}
        height={scale.height}
        viewBox={`0 0 ${width} ${scale.height}`}
        className="figures block select-none"
      >
        <NeckBoard neck={neck} scale={scale} accidentals={accidentals} />
        <NeckMarks
          scale={scale}
          root={root}
          positions={positions}
          strings={neck.midi.length}
          labels={labels}
          faint={!mapOnly}
          onChoose={onChoose}
        />
        {grip && (
          <NeckGrip
            scale={scale}
            openMidi={neck.midi}
            grip={grip}
            root={root}
            labels={labels}
            sizeAt={sizeAt}
          />
        )}
      </svg>
    </div>
  );
});
