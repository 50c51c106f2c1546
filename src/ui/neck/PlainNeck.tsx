"use client";

import { useMemo, type ReactNode } from "react";
import { type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { type Accidentals } from "@/core/pitch";
import { type Spacing } from "@/state";
import { NeckBoard } from "./NeckBoard";
import { makeNeckScale, narrowestWidth, type NeckScale } from "./neckScale";
import { StringNames } from "./StringNames";
import { useInSight } from "./useInSight";
import { useWidth } from "./useWidth";

interface PlainNeckProps {
  readonly neck: Neck;
  readonly leftHanded: boolean;
  readonly thickOnTop?: boolean;
  readonly spacing?: Spacing;
  readonly accidentals: Accidentals;
  readonly label: string;
  /** Px for the column of open notes; if given, `beside` fills it. */
  readonly labelWidth?: number;
  /** The shape to scroll to where the neck is wider than its window; keep the same object. */
  readonly inSight?: Fretting;
  /** What is drawn on the neck. */
  readonly marks?: (scale: NeckScale) => ReactNode;
  /** What goes in the column of open notes, over the picture. */
  readonly beside?: (scale: NeckScale) => ReactNode;
}

const FIRST_WIDTH = 1232;

/** The instrument with whatever one puts on it: true fret spacing, scrolling where it is narrow. */
export function PlainNeck(props: PlainNeckProps) {
  const {
    neck,
    leftHanded,
    thickOnTop,
    spacing,
    accidentals,
    label,
    labelWidth,
    inSight,
    marks,
    beside,
  } = props;
  const [frame, frameWidth] = useWidth(FIRST_WIDTH);
  const scale = useMemo(() => {
    const options = { leftHanded, thickOnTop, spacing, labelWidth };
    return makeNeckScale(neck, Math.max(frameWidth, narrowestWidth(neck, options)), options);
  }, [neck, frameWidth, leftHanded, thickOnTop, spacing, labelWidth]);
  const { width } = scale;
  useInSight(frame, frameWidth, scale, inSight ?? null);
  return (
    <div ref={frame} className="grid overflow-x-auto rounded-lg bg-slab">
      <div className="relative col-start-1 row-start-1" style={{ width, height: scale.height }}>
        <svg
          role={marks ? "group" : "img"}
          aria-label={label}
          width={width}
          height={scale.height}
          viewBox={`0 0 ${width} ${scale.height}`}
          className="figures block select-none"
        >
          <NeckBoard neck={neck} scale={scale} accidentals={beside ? null : accidentals} />
          {marks?.(scale)}
        </svg>
        {beside?.(scale)}
      </div>
      {width > frameWidth && !beside && (
        <StringNames
          openMidi={neck.midi}
          accidentals={accidentals}
          scale={scale}
          fretting={inSight ?? null}
          leftHanded={leftHanded}
        />
      )}
    </div>
  );
}
