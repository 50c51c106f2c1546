import { useEffect } from "react";
import { writeAddress } from "@/formats/address";
import { type Choice } from "@/server/types";

/** Long enough that stepping through grips does not write at every step, in ms. */
const QUIET_MS = 300;

/** Keeps the view in the address, so that it can be bookmarked and shared. */
export function useAddress(choice: Choice): void {
  useEffect(() => {
    const timer = setTimeout(() => {
      const address = writeAddress(choice);
      if (location.search !== address) history.replaceState(null, "", address);
    }, QUIET_MS);
    return () => clearTimeout(timer);
  }, [choice]);
}
