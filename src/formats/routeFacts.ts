import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { type TimedRoute } from "@/core/plan";

/** A way through a song, as far as files tell of it; by chord as played. */
export interface RouteFacts {
  /** Null for a chord without a grip. */
  readonly stops: readonly (StopFacts | null)[];
  /** From each chord to the next; null where there is no change of grips between them. */
  readonly changes: readonly (ChangeFacts | null)[];
  readonly cleanTempoBpm: number | null;
}

interface StopFacts {
  readonly fretting: Fretting;
  readonly fingers: readonly (Finger | 0)[];
  readonly effort: number;
}

export interface ChangeFacts {
  readonly neededMs: number;
  readonly availableMs: number;
  readonly slackMs: number;
  readonly cleanTempoBpm: number | null;
}

/**
 * What files tell of a route. `played` says which of all chords it goes through, where some have no grip.
 */
export function routeFacts(
  { stops, changes, cleanTempoBpm }: TimedRoute,
  played: readonly number[] = stops.map((_, index) => index),
): RouteFacts {
  const length = (played.at(-1) ?? -1) + 1;
  const stopOf = new Map(played.map((chord, stop) => [chord, stop]));
  return {
    stops: Array.from({ length }, (_, chord) => {
      const fingering = stops[stopOf.get(chord) ?? -1]?.fingering;
      if (!fingering) return null;
      const { fretting, fingers, effort } = fingering;
      return { fretting, fingers, effort };
    }),
    changes: Array.from({ length: Math.max(0, length - 1) }, (_, chord) => {
      const stop = stopOf.get(chord);
      const change = stop !== undefined && stopOf.has(chord + 1) ? changes[stop] : undefined;
      if (!change) return null;
      const { neededMs, availableMs, slackMs, cleanTempoBpm: clean } = change;
      return { neededMs, availableMs, slackMs, cleanTempoBpm: clean };
    }),
    cleanTempoBpm,
  };
}
