import { useEffect, useRef } from "react";

/** Long enough, in ms, that stepping through grips does not write at every step. */
const QUIET_MS = 300;
/** How long another page may take to load, in ms. */
const LEAVING_MS = 3000;

/** Keeps the query of the address up to date, so that a view can be bookmarked and shared. */
export function useAddress(address: string): void {
  const leftAt = useRef(-Infinity);

  // The router takes a new address to mean that the page just requested is no longer wanted.
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
