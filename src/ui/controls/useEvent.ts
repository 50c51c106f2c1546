"use client";

import { useCallback, useLayoutEffect, useRef } from "react";

/**
 * A handler that always does the newest thing but never changes itself, so that memoised parts
 * are not drawn again for it. For events only, not for use while rendering.
 */
export function useEvent<Args extends unknown[], Answer>(
  handler: (...args: Args) => Answer,
): (...args: Args) => Answer {
  const newest = useRef(handler);
  useLayoutEffect(() => {
    newest.current = handler;
  });
  return useCallback((...args: Args) => newest.current(...args), []);
}
