import { fingertipMm, type Neck } from "@/core/neck";
import { type ReachLimit } from "./fretting";

/** The stretch of neck that the fretted strings of an unfinished fretting take up. */
export interface Window {
  readonly lowFret: number;
  readonly highFret: number;
  readonly lowMm: number;
  readonly highMm: number;
}

export const EMPTY_WINDOW: Window = {
  lowFret: Infinity,
  highFret: -Infinity,
  lowMm: Infinity,
  highMm: -Infinity,
};

/**
 * A function that widens a window by one more string, or returns null where that goes beyond the
 * limit. Windows only ever grow, so a search may stop at the first null and still be complete.
 */
export function makeWidener(
  neck: Neck,
  limit: ReachLimit,
): (window: Window, string: number, fret: number) => Window | null {
  const { maxSpanFrets = Infinity, reachMm = Infinity } = limit;
  return (window, string, fret) => {
    if (fret === 0) return window;
    const tipMm = fingertipMm(neck, string, fret);
    const lowFret = Math.min(window.lowFret, fret);
    const highFret = Math.max(window.highFret, fret);
    const lowMm = Math.min(window.lowMm, tipMm);
    const highMm = Math.max(window.highMm, tipMm);
    if (highFret - lowFret > maxSpanFrets || highMm - lowMm > reachMm) return null;
    return { lowFret, highFret, lowMm, highMm };
  };
}
