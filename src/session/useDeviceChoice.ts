"use client";

import { useCallback, useSyncExternalStore } from "react";

/** Components on this page that use a device choice. */
const listeners = new Set<() => void>();

/**
 * A number that is kept on this device, not with the player: a phone at the stand needs another text size than a desk.
 * If the browser cannot store it, it lasts until the page is closed.
 */
export function useDeviceChoice(
  name: string,
  first: number,
): readonly [value: number, set: (value: number) => void] {
  const read = useCallback(() => numberIn(name) ?? first, [name, first]);
  const value = useSyncExternalStore(listen, read, () => first);
  const set = useCallback(
    (next: number) => {
      kept.set(name, next);
      try {
        localStorage.setItem(`tenon: ${name}`, String(next));
      } catch {
        // The value still applies until the page is closed.
      }
      for (const listener of listeners) listener();
    },
    [name],
  );
  return [value, set];
}

const kept = new Map<string, number>();

function numberIn(name: string): number | null {
  const onPage = kept.get(name);
  if (onPage !== undefined) return onPage;
  try {
    const text = localStorage.getItem(`tenon: ${name}`);
    const value = text === null ? NaN : Number(text);
    return Number.isFinite(value) ? value : null;
  } catch {
    return null;
  }
}

function listen(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
