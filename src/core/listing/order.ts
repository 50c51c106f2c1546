import { type Fretting } from "../fretting";
import { usualPoints, type Grip } from "../grip";
import { fingertipMm, type Neck } from "../neck";
import { tiltOfWish, tiltPoints, type Tilt } from "../preference";
import { describeSound, type SoundOptions } from "../sound";

/**
 * What comes first: the usual grip, the easiest, or what a wish asks for on top of what is usual
 * ("ringing", "heavy", "high", "close"); or strictly by one figure.
 */
export const GRIP_ORDERS = [
  "usual",
  "effort",
  "ringing",
  "heavy",
  "high",
  "close",
  "lowest",
  "nearest",
  "clearest",
  "heaviest",
] as const;
export type GripOrder = (typeof GRIP_ORDERS)[number];

/** What an order may need beside the grips. */
export interface OrderContext {
  readonly neck: Neck;
  /** What "nearest" is measured from; without it, from the nut. */
  readonly anchor?: Fretting | undefined;
  readonly sound?: SoundOptions | undefined;
}

/** Grips, usual first, put into another order; what is equal stays usual first. */
export function orderGrips(
  grips: readonly Grip[],
  order: GripOrder,
  { neck, anchor, sound }: OrderContext,
): readonly Grip[] {
  switch (order) {
    case "usual":
      return grips;
    case "effort":
      return sortBy(grips, ({ best }) => best.effort);
    case "ringing":
    case "heavy":
    case "high":
      return byWish(grips, tiltOfWish(order));
    case "close":
      return byWish(grips, tiltOfWish("near", anchor ? lowestFret(anchor) : 0));
    case "lowest":
      return sortBy(grips, ({ midi }) => Math.min(...midi));
    case "nearest": {
      const fromMm = anchor ? placeMm(neck, anchor) : null;
      return sortBy(grips, ({ fretting }) => awayMm(placeMm(neck, fretting), fromMm ?? 0));
    }
    case "clearest":
      return sortBy(grips, ({ midi }) => -(describeSound(midi, sound)?.clarity.points ?? 0));
    case "heaviest":
      return sortBy(grips, ({ midi }) => -(describeSound(midi, sound)?.weight.points ?? 0));
  }
}

/** What is usual, with a wish on top. */
function byWish(grips: readonly Grip[], tilt: Tilt): readonly Grip[] {
  return sortBy(grips, (grip) => usualPoints(grip) + tiltPoints(tilt, grip.fretting, grip.midi));
}

/** The lowest pressed fret; 0 where none is. */
function lowestFret(fretting: Fretting): number {
  const pressed = fretting.filter((fret) => fret !== null && fret > 0).map(Number);
  return pressed.length > 0 ? Math.min(...pressed) : 0;
}

function sortBy(grips: readonly Grip[], valueOf: (grip: Grip) => number): readonly Grip[] {
  return grips
    .map((grip) => ({ grip, value: valueOf(grip) }))
    .sort((a, b) => a.value - b.value)
    .map(({ grip }) => grip);
}

/** Where the hand stands, in mm from the nut: the mean of its fingertips; null where it is free. */
function placeMm(neck: Neck, fretting: Fretting): number | null {
  const tipsMm = fretting.flatMap((fret, string) =>
    fret ? [fingertipMm(neck, string, fret)] : [],
  );
  return tipsMm.length > 0 ? tipsMm.reduce((sum, mm) => sum + mm, 0) / tipsMm.length : null;
}

/** An open grip is near to everything: the hand need not move. */
function awayMm(placeMm: number | null, fromMm: number): number {
  return placeMm === null ? 0 : Math.abs(placeMm - fromMm);
}
