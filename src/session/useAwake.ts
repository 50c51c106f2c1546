import { useEffect } from "react";

/** Keeps the screen on while a song plays; a browser that cannot is left as it is. */
export function useAwake(isWanted: boolean): void {
  useEffect(() => {
    if (!isWanted || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isLeft = false;
    const ask = () => {
      if (document.visibilityState !== "visible") return;
      navigator.wakeLock.request("screen").then(
        (made) => {
          if (isLeft) void made.release();
          else lock = made;
        },
        // A browser may refuse, as on an empty battery.
        () => undefined,
      );
    };
    ask();
    // It is let go of whenever the page is hidden.
    document.addEventListener("visibilitychange", ask);
    return () => {
      isLeft = true;
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, [isWanted]);
}
