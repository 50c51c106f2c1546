import { useCallback, useEffect, useMemo } from "react";
import {
  arrange,
  hardDownStrokes,
  type Advice,
  type Arrangement,
  type Blockage,
  type Help,
  type NamedRoute,
  type SongRoute,
} from "@/core/arrangement";
import { TIMING } from "@/core/motion";
import { type Neck } from "@/core/neck";
import { type Chart } from "@/core/song";
import { usePlayer, useRig } from "@/session";
import { guitarFor, neckOf, type Guitar, type SongContent } from "@/state";
import { lastValue, useComputed, type Computed } from "@/ui/computed";
import { ask, stopAsking, type AskedSong, type PlannedSong } from "@/worker/client";

/** All that is known of a song, beside its text. */
export interface SongAnswers {
  readonly asked: AskedSong;
  /** What the route answers; while another way is worked out, still the last one. */
  readonly answered: AskedSong;
  readonly guitar: Guitar;
  readonly neck: Neck;
  readonly chart: Chart;
  /** The song as it is written now. */
  readonly written: Arrangement;
  /** The song that the route goes through: as it was written when that was asked for. */
  readonly arrangement: Arrangement;
  /** Indices of chords whose down strokes are faster than the player's limit. */
  readonly hardStrokes: readonly number[];
  readonly way: Computed<PlannedWay | null>;
  /** The chosen way; while it is worked out anew, the last one that was. */
  readonly route: SongRoute | null;
  readonly isWaiting: boolean;
}

/** A way, and what it answers. */
interface PlannedWay extends PlannedSong {
  readonly asked: AskedSong;
}

export function useSongAnswers(song: SongContent, chart: Chart, help: Help): SongAnswers {
  const { guitars, profile } = useRig();
  const { player } = usePlayer();
  const { settings, tuningMidi, guitarId, chart: text } = song;
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
  const written = useMemo(() => arrange(chart, settings, help), [chart, settings, help]);
  const asked = useMemo(
    (): AskedSong => ({
      text,
      settings,
      help,
      neck,
      player,
      constants: practice.ownTiming ?? TIMING[level],
      downStrokesBpm,
    }),
    [text, settings, help, neck, player, practice.ownTiming, level, downStrokesBpm],
  );
  const hasChords = written.chords.length > 0;
  const way = useComputed(
    useCallback(async () => {
      if (!hasChords) return null;
      const planned = await ask("song", asked, (api) => api.songWay(asked, asked.settings.way));
      return { ...planned, asked };
    }, [hasChords, asked]),
  );
  const found = lastValue(way);
  const route = hasChords ? (found?.route ?? null) : null;
  const arrangement = hasChords ? (found?.arrangement ?? written) : written;
  const answered = found?.asked ?? asked;
  const hardStrokes = useMemo(
    () => hardDownStrokes(arrangement, downStrokesBpm),
    [arrangement, downStrokesBpm],
  );
  return useMemo(
    () => ({
      asked,
      answered,
      guitar,
      neck,
      chart,
      written,
      arrangement,
      hardStrokes,
      way,
      route,
      isWaiting: way.kind === "waiting",
    }),
    [asked, answered, guitar, neck, chart, written, arrangement, hardStrokes, way, route],
  );
}

/** The other ways are looked for once the player has stopped typing. */
const QUIET_MS = 400;

async function pause(ms: number): Promise<void> {
  await new Promise((resolve) => setTimeout(resolve, ms));
}

/** All the ways of a song; asked for once the chosen one is there. */
export function useWays(
  asked: AskedSong,
  isReady: boolean,
): Computed<readonly NamedRoute[] | null> {
  // What is asked no more must not take time from the way that is worked out now.
  useEffect(() => {
    if (isReady) return;
    stopAsking("ways");
  }, [asked, isReady]);
  return useComputed(
    useCallback(async () => {
      if (!isReady) return null;
      return ask("ways", asked, async (api) => {
        await pause(QUIET_MS);
        return api.songWays(asked);
      });
    }, [asked, isReady]),
  );
}

/** What would help a change; null for none. */
export function useAdvice(
  asked: AskedSong,
  change: number | null,
): Computed<readonly Advice[] | null> {
  useEffect(() => {
    if (change !== null) return;
    stopAsking("advice");
  }, [asked, change]);
  return useComputed(
    useCallback(
      async () =>
        change === null
          ? null
          : ask("advice", { asked, change }, (api) => api.songAdvice(asked, change)),
      [asked, change],
    ),
  );
}

/** What forbids chords their grips; asked for only where some chord has none. */
export function useBlockage(asked: AskedSong, isBlocked: boolean): Computed<Blockage | null> {
  return useComputed(
    useCallback(
      async () => (isBlocked ? ask("blocked", asked, (api) => api.songBlocked(asked)) : null),
      [asked, isBlocked],
    ),
  );
}
