import { useCallback, useMemo, useState } from "react";
import {
  GRIP_ORDERS,
  NO_FILTER,
  type GripFilter,
  type GripOrder,
  type Listing,
} from "@/core/listing";
import { useWorkspace } from "@/ui/workspace";

interface ListingState {
  readonly listing: Listing;
  /** The orders that make sense now: without a pin, nothing is near to one. */
  readonly orders: readonly GripOrder[];
  readonly list: (part: Partial<Listing>) => void;
  readonly nextOrder: () => void;
}

/** How the player wants the grips listed; kept while the screen is open. */
export function useListing(): ListingState {
  const { pins, choice, profile } = useWorkspace();
  const { a4Hz } = profile;
  const strings = choice.tuningMidi.length;
  const [asked, setAsked] = useState<Listing>({ filter: NO_FILTER, order: "effort" });
  const hasPin = pins.some(({ fretting }) => fretting.length === strings);
  const orders = useMemo(
    () => GRIP_ORDERS.filter((order) => order !== "nearest" || hasPin),
    [hasPin],
  );
  // Only the order by nearness looks at the pins; a new pin must not ask for all grips again.
  const nearPins = asked.order === "nearest" ? pins : null;
  const listing = useMemo(
    (): Listing => ({
      ...asked,
      filter: fitFilter(asked.filter, strings),
      anchor: nearPins?.find(({ fretting }) => fretting.length === strings)?.fretting,
      sound: { a4Hz },
    }),
    [asked, nearPins, strings, a4Hz],
  );
  const list = useCallback(
    (part: Partial<Listing>) => setAsked((old) => ({ ...old, ...part })),
    [],
  );
  const nextOrder = useCallback(
    () =>
      setAsked((old) => ({
        ...old,
        order: orders[(orders.indexOf(old.order) + 1) % orders.length] ?? "effort",
      })),
    [orders],
  );
  return { listing, orders, list, nextOrder };
}

/** Another guitar may have fewer strings than a condition names. */
function fitFilter(filter: GripFilter, strings: number): GripFilter {
  const isThere = (string: number | undefined) => string === undefined || string < strings;
  return {
    ...filter,
    bassString: isThere(filter.bassString ?? undefined) ? filter.bassString : null,
    through: isThere(filter.through?.string) ? filter.through : null,
  };
}
