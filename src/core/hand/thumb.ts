import { acrossMm, type Neck } from "@/core/neck";
import { REFERENCE_SPAN_MM, type Hand } from "./hand";

/** The widest spread of the strings round which the thumb comes, at a 150 mm span (a judgement). */
const NECK_MM = 48;
/** How far over the neck's edge the thumb lies, in mm from the thickest string (a judgement). */
const OVER_MM = 11;
/** The thumb lies on two strings at most, however close they are. */
const MAX_STRINGS = 2;

/** Whether the thumb, round the neck, touches a string at a fret of this neck. */
export function thumbReaches(neck: Neck, hand: Hand, string: number, fret: number): boolean {
  if (hand.without.includes("T") || string >= MAX_STRINGS) return false;
  const scale = hand.spanMm / REFERENCE_SPAN_MM;
  return (
    acrossMm(neck, neck.midi.length - 1, fret) <= NECK_MM * scale &&
    acrossMm(neck, string, fret) <= OVER_MM * scale
  );
}
