import { useMemo, useState } from "react";
import { GRIP_ORDERS, type GripFilter, type GripOrder, type Listing } from "@/core/listing";
import { useInstrument, useRig, useView } from "@/session";

export interface ListingState {
  readonly listing: Listing;
  /** The orders that make sense now: without a pin, nothing is near to one. */
  readonly orders: readonly GripOrder[];
  /** The note on the neck that was tapped last; grips may be asked to hold it. */
  readonly tapped: GripFilter["through"];
  readonly tap: (position: GripFilter["through"]) => void;
  readonly list: (part: Partial<Pick<Listing, "filter" | "order">>) => void;
}

/** How the player wants the grips listed. */
export function useListing(): ListingState {
  const { pins, profile } = useRig();
  const { view, show } = useView();
  const { neck } = useInstrument();
  const { a4Hz } = profile;
  const { order, filter } = view;
  const strings = neck.midi.length;
  const hasPin = pins.some(({ fretting }) => fretting.length === strings);
  const orders = useMemo(
    () => GRIP_ORDERS.filter((each) => (each !== "nearest" && each !== "close") || hasPin),
    [hasPin],
  );
  // Only the orders by nearness look at the pins; a new pin must not ask for all grips again.
  const nearPins = order === "nearest" || order === "close" ? pins : null;
  const listing = useMemo(
    (): Listing => ({
      order,
      filter: fitFilter(filter, strings, neck.frets),
      anchor: nearPins?.find(({ fretting }) => fretting.length === strings)?.fretting,
      sound: { a4Hz },
    }),
    [order, filter, nearPins, strings, neck.frets, a4Hz],
  );
  const [tapped, tap] = useState<GripFilter["through"]>(null);
  return useMemo(
    () => ({ listing, orders, tapped, tap, list: show }),
    [listing, orders, tapped, show],
  );
}

/** Another guitar may have fewer strings or frets than a condition names. */
function fitFilter(filter: GripFilter, strings: number, frets: number): GripFilter {
  const isThere = (string: number | undefined) => string === undefined || string < strings;
  return {
    ...filter,
    frets: filter.frets && filter.frets[0] <= frets ? filter.frets : null,
    bassString: isThere(filter.bassString ?? undefined) ? filter.bassString : null,
    through: isThere(filter.through?.string) ? filter.through : null,
  };
}
