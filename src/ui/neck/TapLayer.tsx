import { memo, useRef, useState, type KeyboardEvent } from "react";
import { type Fretting } from "@/core/fretting";
import { type NeckScale } from "./neckScale";
import { TAP_KEYS } from "./tapKeys";

interface TapLayerProps {
  readonly scale: NeckScale;
  readonly frets: number;
  readonly fretting: Fretting;
  /** The note of a place, to be said with it. */
  readonly noteAt: (string: number, fret: number) => string;
  readonly onTap: (string: number, fret: number) => void;
}

const TARGET = 14;

/**
 * Every place of the neck to be pressed: tapping one puts a note there, tapping it again takes it
 * away. One tab stop; inside, the arrows move along and across.
 */
export const TapLayer = memo(function TapLayer(props: TapLayerProps) {
  const { scale, frets, fretting, noteAt, onTap } = props;
  const [current, setCurrent] = useState({ string: 0, fret: 0 });
  const places = useRef(new Map<string, SVGGElement | null>());
  const last = fretting.length - 1;

  const onKeyDown = (event: KeyboardEvent) => {
    const { string, fret } = current;
    if (TAP_KEYS.tap.includes(event.key)) {
      event.preventDefault();
      event.stopPropagation();
      onTap(string, fret);
      return;
    }
    const along = event.key === "ArrowRight" ? 1 : event.key === "ArrowLeft" ? -1 : 0;
    const across = event.key === "ArrowUp" ? 1 : event.key === "ArrowDown" ? -1 : 0;
    if (along === 0 && across === 0) return;
    event.preventDefault();
    const next = {
      string: Math.max(0, Math.min(last, string + across)),
      fret: Math.max(0, Math.min(frets, fret + along * scale.direction)),
    };
    setCurrent(next);
    places.current.get(placeKey(next.string, next.fret))?.focus();
  };

  return (
    <g role="group" aria-label="Places on the neck" onKeyDown={onKeyDown}>
      {fretting.flatMap((played, string) =>
        Array.from({ length: frets + 1 }, (_, fret) => (
          <g
            key={placeKey(string, fret)}
            ref={(element) => {
              places.current.set(placeKey(string, fret), element);
            }}
            role="button"
            tabIndex={string === current.string && fret === current.fret ? 0 : -1}
            aria-pressed={played === fret}
            aria-label={placeName(last + 1 - string, fret, noteAt(string, fret))}
            className="cursor-pointer hover:[&>circle]:fill-white/25"
            // A tap leaves the focus alone, so that the arrows go on moving the whole shape.
            onMouseDown={(event) => event.preventDefault()}
            onClick={() => onTap(string, fret)}
            onFocus={() => setCurrent({ string, fret })}
          >
            <circle
              cx={scale.markX(string, fret)}
              cy={scale.stringY(string)}
              r={TARGET}
              fill="transparent"
            />
          </g>
        )),
      )}
    </g>
  );
});

/** "String 6, fret 3: G"; the place alone where its note must not be told. */
function placeName(number: number, fret: number, note: string): string {
  const place = `String ${number}, ${fret === 0 ? "open" : `fret ${fret}`}`;
  return note === "" ? place : `${place}: ${note}`;
}

function placeKey(string: number, fret: number): string {
  return `${string}-${fret}`;
}
