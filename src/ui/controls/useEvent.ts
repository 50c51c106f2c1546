"use client";

import { useCallback, useLayoutEffect, useRef } from "react";

/**
 * A stable handler that always runs the newest callback, so
 * that memoised parts are not re-rendered for it. For events only, not for use while rendering.
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
