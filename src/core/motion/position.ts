import { type Fingering } from "../hand";
import { fingertipMm, type Neck } from "../neck";

/** Where the hand stands on the neck. */
export interface HandPosition {
  /** The fret at which the index lies, or would lie: one finger a fret (common practice). */
  readonly fret: number;
  /** The same in mm along the neck, on the thickest string. */
  readonly mm: number;
}

/** The position in which a fingering is held; null where no finger presses and the hand may be anywhere. */
export function positionOf(neck: Neck, { presses }: Fingering): HandPosition | null {
  const [first] = presses.filter(({ finger }) => finger !== "T");
  const [any] = presses;
  const press = first ?? any;
  if (!press) return null;
  const aboveIndex = press.finger === "T" ? 0 : press.finger - 1;
  const fret = Math.max(1, press.hold.fret - aboveIndex);
  return { fret, mm: fingertipMm(neck, 0, fret) };
}

/** How far the hand goes along the neck from one position to another, in mm. */
export function travelMm(from: HandPosition, to: HandPosition): number {
  return Math.abs(to.mm - from.mm);
}
