import {
  fretsArgument,
  frettingArgument,
  guitarArgument,
  handArgument,
  schoolArgument,
  toFretting,
  toHand,
  toNeck,
  tuningArgument,
  type FrettingArgument,
  type TuningArgument,
} from "@/cli/arguments";
import { fingerFretting, type Fingering, type Hand, type School } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { success, type Result } from "@/core/result";

/** What `fingers` and `why` have in common: one fretting on a neck, in a player's hand. */
export const shapeArguments = {
  tuning: tuningArgument,
  frets: fretsArgument,
  fretting: frettingArgument,
  hand: handArgument,
  school: schoolArgument,
  guitar: guitarArgument,
};

interface ShapeValues {
  readonly tuning?: unknown;
  readonly frets?: number | undefined;
  readonly fretting?: unknown;
  readonly hand?: Parameters<typeof toHand>[0];
  readonly school?: School | undefined;
  readonly guitar?: Parameters<typeof toNeck>[0]["guitar"];
}

interface FingeredShape {
  readonly neck: Neck;
  readonly hand: Hand;
  /** Easiest first; empty where this hand cannot hold it. */
  readonly fingerings: readonly Fingering[];
}

/** Fingers the fretting that the arguments tell. */
export function fingerShape(args: ShapeValues): Result<FingeredShape> {
  const { frets, guitar, school } = args;
  const neck = toNeck({ tuning: args.tuning as TuningArgument, frets, guitar });
  if (!neck.ok) return neck;
  const fretting = toFretting(neck.value, args.fretting as FrettingArgument);
  if (!fretting.ok) return fretting;
  const hand = toHand(args.hand);
  const found = fingerFretting(neck.value, fretting.value, { hand, school });
  return found.ok ? success({ neck: neck.value, hand, fingerings: found.value }) : found;
}
