const LEAVING = ["beforeunload", "pagehide"];

/**
 * Calls something when the page is left. The first of the two events fires before the next page is requested, but not in
 * every browser; the second always fires. Answers how to stop.
 *
 * @param isEarly before what listens to the same without it, such as the page's last sending
 */
export function onLeaving(act: () => void, isEarly = false): () => void {
  const options = { capture: isEarly };
  for (const leaving of LEAVING) window.addEventListener(leaving, act, options);
  return () => {
    for (const leaving of LEAVING) window.removeEventListener(leaving, act, options);
  };
}
