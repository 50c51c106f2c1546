import { useMemo } from "react";
import { GRIP_ORDERS, type GripFilter, type GripOrder, type Listing } from "@/core/listing";
import { useWorkspace } from "@/ui/workspace";

interface ListingState {
  readonly listing: Listing;
  /** The orders that make sense now: without a pin, nothing is near to one. */
  readonly orders: readonly GripOrder[];
  readonly list: (part: Partial<Pick<Listing, "filter" | "order">>) => void;
  readonly nextOrder: () => void;
}

/** How the player wants the grips listed. */
export function useListing(): ListingState {
  const { pins, choice, choose, profile, neck } = useWorkspace();
  const { a4Hz } = profile;
  const { order, filter } = choice;
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
  const nextOrder = () =>
    choose({ order: orders[(orders.indexOf(order) + 1) % orders.length] ?? "usual" });
  return { listing, orders, list: choose, nextOrder };
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
