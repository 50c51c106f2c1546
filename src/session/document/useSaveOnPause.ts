import { useEffect } from "react";
import { onLeaving } from "./onLeaving";

/** Saves a value once it has not changed for a while, and at once when the page is left. */
export function useSaveOnPause(value: unknown, save: () => void, quietMs: number): void {
  useEffect(() => {
    const timer = setTimeout(save, quietMs);
    const stop = onLeaving(save, true);
    return () => {
      clearTimeout(timer);
      stop();
    };
  }, [value, save, quietMs]);
}
