import { useEffect, useRef } from "react";

/** Long enough that stepping through grips does not write at every step, in ms. */
const QUIET_MS = 300;
/** How long another page may take to come, in ms. */
const LEAVING_MS = 3000;

/** Keeps the query of the address as it is told, so that a view can be bookmarked and shared. */
export function useAddress(address: string): void {
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
      if (performance.now() - leftAt.current < LEAVING_MS) timer = setTimeout(write, LEAVING_MS);
      else if (location.search !== address) history.replaceState(null, "", address);
    };
    let timer = setTimeout(write, QUIET_MS);
    return () => clearTimeout(timer);
  }, [address]);
}
