import { useState } from "react";
import { fretDistanceMm } from "@/core/neck";
import { type Guitar } from "@/state";

interface MeasureSpanProps {
  readonly guitar: Guitar;
  readonly onMeasured: (spanMm: number) => void;
}

const [FIRST_FRET, LAST_FRET] = [2, 9];
const FRETS = Array.from({ length: LAST_FRET - FIRST_FRET + 1 }, (_, index) => FIRST_FRET + index);

/** Measures the hand's span on the guitar instead of a ruler. */
export function MeasureSpan({ guitar, onMeasured }: MeasureSpanProps) {
  const [fret, setFret] = useState(4);
  const spanMm = Math.round(fretDistanceMm(guitar.scaleMm, fret));
  return (
    <div className="panel space-y-2 p-3">
      <p>
        Lay the hand flat along the neck, fingers spread. Index tip on the nut: which wire does the
        little tip reach?
      </p>
      <div className="flex flex-wrap items-center gap-2">
        <label className="flex items-center gap-2">
          <span className="text-muted">Wire of fret</span>
          <select
            className="field figures"
            value={fret}
            onChange={({ target }) => setFret(Number(target.value))}
          >
            {FRETS.map((each) => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
        <button type="button" className="button" onClick={() => onMeasured(spanMm)}>
          Use {spanMm} mm
        </button>
      </div>
      <p className="text-[15px] text-muted">
        On {guitar.name}. A ruler is finer: index tip to little tip, hand flat and spread.
      </p>
    </div>
  );
}
