import { useEffect, useRef } from "react";
import { writeAddress } from "@/formats/address";
import { type Choice } from "@/server/types";

/** Long enough that stepping through grips does not write at every step, in ms. */
const QUIET_MS = 300;
/** How long another page may take to come, in ms. */
const LEAVING_MS = 3000;

/** Keeps the view in the address, so that it can be bookmarked and shared. */
export function useAddress(choice: Choice): void {
  const leftAt = useRef(-Infinity);

  // The router takes a new address for a change of mind about the page that was just asked for.
  useEffect(() => {
    const leave = ({ target, timeStamp }: MouseEvent) => {
      if (target instanceof Element && target.closest("a")) leftAt.current = timeStamp;
    };
    document.addEventListener("click", leave, true);
    return () => document.removeEventListener("click", leave, true);
  }, []);

  useEffect(() => {
    const write = () => {
      const address = writeAddress(choice);
      if (performance.now() - leftAt.current < LEAVING_MS) timer = setTimeout(write, LEAVING_MS);
      else if (location.search !== address) history.replaceState(null, "", address);
    };
    let timer = setTimeout(write, QUIET_MS);
    return () => clearTimeout(timer);
  }, [choice]);
}
