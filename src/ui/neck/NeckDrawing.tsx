"use client";

import { memo, useMemo, useState } from "react";
import { type Neck, type Position } from "@/core/neck";
import { type Accidentals, type Note } from "@/core/pitch";
import { type DegreePosition } from "@/core/voicing";
import { type MarkLabel } from "@/state";
import { FretRange, type Range } from "./FretRange";
import { NaturalSteps } from "./NaturalSteps";
import { NeckBoard } from "./NeckBoard";
import { NeckGrip, type ShownGrip } from "./NeckGrip";
import { NeckMarks } from "./NeckMarks";
import { makeNeckScale, narrowestWidth, type NeckScaleOptions } from "./neckScale";
import { StringNames } from "./StringNames";
import { Unisons } from "./Unisons";
import { useInSight } from "./useInSight";
import { useWidth } from "./useWidth";

interface NeckViewProps extends Pick<
  NeckScaleOptions,
  "leftHanded" | "thickOnTop" | "spacing" | "stage"
> {
  readonly neck: Neck;
  /** The root as it is called; degrees are spelled from it. */
  readonly root: Note;
  readonly accidentals: Accidentals;
  readonly positions: readonly DegreePosition[];
  readonly labels: MarkLabel;
  /** The strings on which half steps of the natural notes are tied; null where those are not shown. */
  readonly naturalsOn: readonly number[] | null;
  /** The fingering in front; null where there is none, or while it is being worked out. */
  readonly grip: ShownGrip | null;
  /** The player asked for the map alone: no grip comes in front, and its marks stand out. */
  readonly mapOnly: boolean;
  readonly range: Range | null;
  readonly onRange: (range: Range | null) => void;
  readonly onChoose: (position: DegreePosition) => void;
}

const FIRST_WIDTH = 1232;

/** The whole neck with every place of the map, the chosen grip, and the range of frets that count. */
export const NeckDrawing = memo(function NeckView(props: NeckViewProps) {
  const { neck, root, accidentals, positions, labels, naturalsOn, grip, mapOnly } = props;
  const { leftHanded, thickOnTop, spacing, stage, range, onRange, onChoose } = props;
  const [frame, frameWidth] = useWidth(FIRST_WIDTH);
  const [pointed, setPointed] = useState<Position | null>(null);
  const scale = useMemo(() => {
    const options = { leftHanded, thickOnTop, spacing, stage };
    return makeNeckScale(neck, Math.max(frameWidth, narrowestWidth(neck, options)), options);
  }, [neck, frameWidth, leftHanded, thickOnTop, spacing, stage]);
  const { width } = scale;
  useInSight(frame, frameWidth, scale, grip?.fingering.fretting ?? null);

  return (
    <div ref={frame} className="grid overflow-x-auto rounded-lg bg-slab">
      <svg
        role="group"
        aria-label={`Neck, thick string ${thickOnTop ? "on top" : "at the bottom"}`}
        width={width}
        height={scale.height}
        viewBox={`0 0 ${width} ${scale.height}`}
        className="figures col-start-1 row-start-1 block select-none"
        data-picture="neck"
      >
        <NeckBoard neck={neck} scale={scale} accidentals={accidentals} />
        {naturalsOn && <NaturalSteps neck={neck} scale={scale} strings={naturalsOn} />}
        <NeckMarks
          scale={scale}
          root={root}
          positions={positions}
          strings={neck.midi.length}
          labels={naturalsOn ? "note" : labels}
          faint={!mapOnly}
          onChoose={onChoose}
          onPoint={setPointed}
        />
        {grip && (
          <NeckGrip
            scale={scale}
            openMidi={neck.midi}
            grip={grip}
            root={root}
            labels={labels}
            sizeAt={scale.gripSize}
          />
        )}
        {pointed && isOn(neck, pointed) && <Unisons neck={neck} scale={scale} position={pointed} />}
        <FretRange scale={scale} frets={neck.frets} range={range} onRange={onRange} />
      </svg>
      {width > frameWidth && (
        <StringNames
          openMidi={neck.midi}
          accidentals={accidentals}
          scale={scale}
          fretting={grip?.fingering.fretting ?? null}
          leftHanded={leftHanded ?? false}
        />
      )}
    </div>
  );
});

/** What was pointed at may have been on another neck. */
function isOn(neck: Neck, { string, fret }: Position): boolean {
  return string < neck.midi.length && fret <= neck.frets;
}
