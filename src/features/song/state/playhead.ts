/** The playing position, for the picture of the route. Updates many times a second without React. */
export interface Playhead {
  /** In quarters from the beginning of the song; null where nothing plays. */
  readonly move: (quarters: number | null) => void;
  /** Answers how to stop listening. */
  readonly listen: (listener: (quarters: number | null) => void) => () => void;
}

export function makePlayhead(): Playhead {
  const listeners = new Set<(quarters: number | null) => void>();
  return {
    move: (quarters) => {
      for (const listener of listeners) listener(quarters);
    },
    listen: (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
  };
}
