import { type Fretting } from "@/core/fretting";
import { type Grip } from "@/core/grip";
import { type Hand } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { type SoundOptions } from "@/core/sound";
import { filterGrips, type Filtered } from "./filter";
import { type GripFilter } from "./gripFilter";
import { orderGrips } from "./order";
import { type GripOrder } from "./orders";

/** Which grips of a list to show, and in which order. */
export interface Listing {
  readonly filter: GripFilter;
  readonly order: GripOrder;
  /** What "nearest" is measured from; without it, from the nut. */
  readonly anchor?: Fretting | undefined;
  readonly sound?: SoundOptions | undefined;
}

export interface ListedGrips extends Filtered {
  /** How many grips there are without any filter. */
  readonly total: number;
}

/** Grips, usual first, filtered and put in order. */
export function listGrips(
  neck: Neck,
  all: readonly Grip[],
  { filter, order, anchor, sound }: Listing,
  hand?: Hand,
): ListedGrips {
  const { grips, loosenings } = filterGrips(neck, all, filter, hand);
  return {
    grips: orderGrips(grips, order, { neck, anchor, sound }),
    loosenings,
    total: all.length,
  };
}
