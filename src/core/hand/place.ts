import { type Fretting } from "@/core/fretting";
import { acrossMm, fingertipMm, type Neck } from "@/core/neck";
import { type Press } from "./assign";

/**
 * Where a hand stands on the neck, in two forms: by its index where the fingers are known, and by
 * the middle of what it presses where only the frets are.
 */

/** Where the index lies, or would lie: one finger a fret (common practice). */
export interface HandPosition {
  readonly fret: number;
  /** The same in mm along the neck, on the thickest string. */
  readonly mm: number;
}

/** The position in which fingers press; null where none does and the hand may be anywhere. */
export function positionOf(
  neck: Neck,
  { presses }: { readonly presses: readonly Press[] },
): HandPosition | null {
  const press = nearestToIndex(presses);
  if (!press) return null;
  const aboveIndex = press.finger === "T" ? 0 : press.finger - 1;
  const fret = Math.max(1, press.hold.fret - aboveIndex);
  return { fret, mm: fingertipMm(neck, 0, fret) };
}

/** The press of the lowest finger, or the thumb's if no finger presses. */
function nearestToIndex(presses: readonly Press[]): Press | undefined {
  let nearest: Press | undefined;
  for (const press of presses) {
    if (press.finger === "T") nearest ??= press;
    else if (!nearest || nearest.finger === "T" || press.finger < nearest.finger) nearest = press;
  }
  return nearest;
}

/** How far the hand goes along the neck from one position to another, in mm. */
export function travelMm(from: HandPosition, to: HandPosition): number {
  return Math.abs(to.mm - from.mm);
}

/** The middle of the fretted notes, in mm from the nut and from the thickest string. */
export interface Middle {
  readonly alongMm: number;
  readonly acrossMm: number;
}

/** The middle of what a fretting presses; null where it presses nothing. */
export function middleOf(neck: Neck, fretting: Fretting): Middle | null {
  let [along, across, notes] = [0, 0, 0];
  for (const [string, fret] of fretting.entries()) {
    if (!fret) continue;
    along += fingertipMm(neck, string, fret);
    across += acrossMm(neck, string, fret);
    notes++;
  }
  return notes === 0 ? null : { alongMm: along / notes, acrossMm: across / notes };
}
