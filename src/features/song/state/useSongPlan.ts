import { useCallback, useEffect, useMemo, useState } from "react";
import {
  arrange,
  hardDownStrokes,
  type Advice,
  type Arrangement,
  type Blockage,
  type Help,
  type NamedRoute,
} from "@/core/arrangement";
import { TIMING } from "@/core/motion";
import { type Neck } from "@/core/neck";
import { type Chart, type TuningRun } from "@/core/song";
import { usePlayer, useRig } from "@/session";
import { guitarFor, neckOf, type Guitar, type SongContent } from "@/state";
import { lastValue, useComputed, type Computed } from "@/ui/computed";
import { ask, stopAsking, type SongPlanRequest, type PlannedSong } from "@/worker/client";

/** The route through a song, with the request and the arrangement it was planned for. */
export interface SongPlan extends PlannedSong {
  readonly request: SongPlanRequest;
  readonly guitar: Guitar;
  readonly neck: Neck;
  /** Indices of chords whose down strokes are faster than the player's limit. */
  readonly hardStrokes: readonly number[];
}

export interface SongPlanning {
  readonly request: SongPlanRequest;
  /** The chart as it is typed now, laid out. */
  readonly arrangement: Arrangement;
  /** The response to the request; null for a chart without chords. */
  readonly planned: Computed<PlannedFor | null>;
  /** The newest plan there is. Its arrangement may be that of an earlier request. */
  readonly plan: SongPlan;
}

interface PlannedFor extends PlannedSong {
  readonly request: SongPlanRequest;
}

/** Plans one tuning run of a song. `chart` is that run's. */
export function useSongPlan(
  song: SongContent,
  { tuningMidi, range }: TuningRun,
  chart: Chart,
  help: Help,
): SongPlanning {
  const { guitars, profile } = useRig();
  const { player } = usePlayer();
  const { settings, guitarId, chart: text } = song;
  const { level, practice, downStrokesBpm } = profile;
  const guitar = useMemo(() => {
    const named = guitars.find(({ id }) => id === guitarId) ?? guitars[0];
    return guitarFor(guitars, named, tuningMidi.length) ?? guitars[0];
  }, [guitars, guitarId, tuningMidi]);
  const neck = useMemo(
    () =>
      neckOf(guitar, guitar.usualMidi.length === tuningMidi.length ? tuningMidi : guitar.tunedMidi),
    [guitar, tuningMidi],
  );
  const arrangement = useMemo(() => arrange(chart, settings, help), [chart, settings, help]);
  const request = useMemo(
    (): SongPlanRequest => ({
      text,
      range,
      settings,
      help,
      neck,
      player,
      constants: practice.ownTiming ?? TIMING[level],
      downStrokesBpm,
    }),
    [text, range, settings, help, neck, player, practice.ownTiming, level, downStrokesBpm],
  );
  const hasChords = arrangement.chords.length > 0;
  const planned = useComputed(
    useCallback(
      async () =>
        hasChords
          ? { ...(await ask("song", request, (api) => api.songRoute(request))), request }
          : null,
      [hasChords, request],
    ),
  );
  const newest = hasChords ? lastValue(planned) : null;
  const plan = useMemo(() => {
    const response = newest ?? { request, arrangement, route: null, problem: null };
    const hardStrokes = hardDownStrokes(response.arrangement, response.request.downStrokesBpm);
    return { ...response, guitar, neck, hardStrokes };
  }, [newest, request, arrangement, guitar, neck]);
  return useMemo(
    () => ({ request, arrangement, planned, plan }),
    [request, arrangement, planned, plan],
  );
}

/** The other routes are planned once the player has stopped typing. */
const QUIET_MS = 400;

async function pause(ms: number): Promise<void> {
  await new Promise((resolve) => setTimeout(resolve, ms));
}

/** All named routes of a song, requested after the current one. Choosing another route does not request them again. */
export function useRoutes(
  chosen: SongPlanRequest,
  isReady: boolean,
): Computed<readonly NamedRoute[] | null> {
  const request = useOfAnyKind(chosen);
  // An outdated request must not take time from the chosen route.
  useEffect(() => {
    if (isReady) return;
    stopAsking("songRoutes");
  }, [request, isReady]);
  return useComputed(
    useCallback(async () => {
      if (!isReady) return null;
      return ask("songRoutes", request, async (api) => {
        await pause(QUIET_MS);
        return api.songRoutes(request);
      });
    }, [request, isReady]),
  );
}

/** The request with the usual kind of route: the same object as long as nothing else changes. */
function useOfAnyKind(request: SongPlanRequest): SongPlanRequest {
  const [kept, setKept] = useState(request);
  if (kept === request || isSameButKind(kept, request)) return kept;
  const plain = { ...request, settings: { ...request.settings, routeKind: "usual" as const } };
  setKept(plain);
  return plain;
}

function isSameButKind(a: SongPlanRequest, b: SongPlanRequest): boolean {
  const { settings: one, ...restOfA } = a;
  const { settings: other, ...restOfB } = b;
  const isSame = (x: object, y: object, but: string) =>
    Object.entries(x).every(
      ([name, value]) => name === but || (y as Record<string, unknown>)[name] === value,
    );
  return isSame(restOfA, restOfB, "") && isSame(one, other, "routeKind");
}

/** What would help a change; null for none. */
export function useAdvice(
  request: SongPlanRequest,
  change: number | null,
): Computed<readonly Advice[] | null> {
  useEffect(() => {
    if (change !== null) return;
    stopAsking("advice");
  }, [request, change]);
  return useComputed(
    useCallback(
      async () =>
        change === null
          ? null
          : ask("advice", { request, change }, (api) => api.songAdvice(request, change)),
      [request, change],
    ),
  );
}

/** What forbids chords their grips; requested only where some chord has none. */
export function useBlockage(
  request: SongPlanRequest,
  isBlocked: boolean,
): Computed<Blockage | null> {
  return useComputed(
    useCallback(
      async () => (isBlocked ? ask("blocked", request, (api) => api.songBlocked(request)) : null),
      [request, isBlocked],
    ),
  );
}
