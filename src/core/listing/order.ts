import { lowestFret, type Fretting } from "@/core/fretting";
import { usualPoints, type Grip } from "@/core/grip";
import { middleOf, type Middle } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { tiltOfWish, tiltPoints, type Tilt } from "@/core/preference";
import { describeSound, type SoundOptions } from "@/core/sound";
import { type GripOrder } from "./orders";

/** What an order may need beside the grips. */
interface OrderContext {
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
      const fromMm = anchor ? (middleOf(neck, anchor)?.alongMm ?? 0) : 0;
      return sortBy(grips, ({ fretting }) => awayMm(middleOf(neck, fretting), fromMm));
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

function sortBy(grips: readonly Grip[], valueOf: (grip: Grip) => number): readonly Grip[] {
  return grips
    .map((grip) => ({ grip, value: valueOf(grip) }))
    .sort((a, b) => a.value - b.value)
    .map(({ grip }) => grip);
}

/** An open grip is near to everything: the hand need not move. */
function awayMm(middle: Middle | null, fromMm: number): number {
  return middle === null ? 0 : Math.abs(middle.alongMm - fromMm);
}
