import { useCallback, useSyncExternalStore } from "react";
import { type PlayPlace } from "@/audio/playTypes";

/**
 * The playing position. Its quarters change with every frame and are passed to listeners without React. Its place changes
 * with the beat and re-renders only the components that use it.
 */
export interface Playhead {
  /** In quarters from the beginning of the song; null where nothing plays. */
  readonly move: (quarters: number | null) => void;
  readonly setPlace: (place: PlayPlace | null) => void;
  readonly place: () => PlayPlace | null;
  /** Answers how to stop listening. */
  readonly listen: (listener: (quarters: number | null) => void) => () => void;
  readonly listenPlace: (listener: () => void) => () => void;
}

export function makePlayhead(): Playhead {
  const listeners = new Set<(quarters: number | null) => void>();
  const placeListeners = new Set<() => void>();
  let place: PlayPlace | null = null;
  return {
    move: (quarters) => {
      for (const listener of listeners) listener(quarters);
    },
    setPlace: (next) => {
      if (next === place) return;
      place = next;
      for (const listener of placeListeners) listener();
    },
    place: () => place,
    listen: (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    listenPlace: (listener) => {
      placeListeners.add(listener);
      return () => void placeListeners.delete(listener);
    },
  };
}

/** Where the playing is; null where nothing plays. */
export function usePlace(playhead: Playhead): PlayPlace | null {
  return useSyncExternalStore(playhead.listenPlace, playhead.place, noPlace);
}

/** A part of the place; re-renders only when that part changes. */
export function usePlacePart<T extends string | number | boolean | null>(
  playhead: Playhead,
  part: (place: PlayPlace | null) => T,
): T {
  const read = useCallback(() => part(playhead.place()), [playhead, part]);
  return useSyncExternalStore(playhead.listenPlace, read, () => part(null));
}

function noPlace(): null {
  return null;
}
