import { type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";

export const MOVES = ["up", "down", "thinner", "thicker"] as const;
/** A fret up or down the neck, or a string towards the thin or the thick side. */
export type Move = (typeof MOVES)[number];

/**
 * A whole shape moved by one fret or one string. Along the neck, open strings keep ringing;
 * null where it would leave the neck, and where nothing is pressed that could move along it.
 */
export function moveShape(neck: Neck, fretting: Fretting, move: Move): Fretting | null {
  if (move === "up" || move === "down") {
    const by = move === "up" ? 1 : -1;
    const moved = fretting.map((fret) => (fret ? fret + by : fret));
    const isOn = moved.every((fret, string) => !fretting[string] || isPressed(neck, fret));
    return isOn && fretting.some(Boolean) ? moved : null;
  }
  const [leaving] = move === "thinner" ? fretting.slice(-1) : fretting;
  if (leaving !== null || fretting.every((fret) => fret === null)) return null;
  return move === "thinner" ? [null, ...fretting.slice(0, -1)] : [...fretting.slice(1), null];
}

function isPressed(neck: Neck, fret: number | null | undefined): boolean {
  return typeof fret === "number" && fret >= 1 && fret <= neck.frets;
}
