import { useCallback, useMemo } from "react";
import { TIMING } from "@/core/motion";
import { fetchSong, usePlayer, useRig } from "@/session";
import { guitarFor, neckOf, type SavedSong } from "@/state";
import { lastValue, useComputed } from "@/ui/computed";
import { ask, type SongPlanRequest } from "@/worker/client";
import { type PlacedDrill } from "@/features/practice/state";

interface SongForDrills {
  /** The song that drills are taken from; null where there is none. */
  readonly song: SavedSong | null;
  readonly drills: readonly PlacedDrill[];
  /** The tempo that its chart says; null without drills. */
  readonly songBpm: number | null;
  /** The pitch classes of its roots. */
  readonly roots: ReadonlySet<number>;
  /** The song's way is still being worked out. */
  readonly isLoading: boolean;
}

interface Found {
  readonly drills: readonly PlacedDrill[];
  readonly roots: ReadonlySet<number>;
}

const NONE: Found = { drills: [], roots: new Set() };

/** The tightest changes of the chosen song, or of the newest. */
export function useSongDrills(): SongForDrills {
  const { songs, guitars, profile } = useRig();
  const { player } = usePlayer();
  const { level, practice, downStrokesBpm } = profile;
  const { songId, ownTiming, goals } = practice;
  const current = songs.filter(({ archived }) => !archived);
  const song = current.find(({ id }) => id === songId) ?? current[0] ?? null;
  const id = song?.id ?? null;
  const revision = song?.revision ?? null;
  const found = useComputed(
    useCallback(async (): Promise<Found> => {
      // A song that was saved anew is another song.
      void revision;
      const opened = id === null ? null : await fetchSong(id);
      if (id === null || !opened) return NONE;
      const { chart: text, settings, tuningMidi, name } = opened;
      const named = guitars.find((guitar) => guitar.id === opened.guitarId) ?? guitars[0];
      const guitar = guitarFor(guitars, named, tuningMidi.length) ?? guitars[0];
      const fits = guitar.usualMidi.length === tuningMidi.length;
      const neck = neckOf(guitar, fits ? tuningMidi : guitar.tunedMidi);
      const constants = ownTiming ?? TIMING[level];
      const requested: SongPlanRequest = {
        text,
        settings,
        help: "full",
        neck,
        player,
        constants,
        downStrokesBpm,
      };
      const request = { id, name, requested };
      const { drills, roots } = await ask("song", request, (api) => api.songDrills(request));
      return {
        drills: drills.map((drill) => ({ drill, guitar, neck, songId: id })),
        roots: new Set(roots),
      };
    }, [id, revision, guitars, player, level, ownTiming, downStrokesBpm]),
  );
  const { drills: made, roots } = lastValue(found) ?? NONE;
  const goalBpm = goals.find((goal) => goal.songId === id)?.bpm;
  const drills = useMemo(
    () =>
      goalBpm === undefined
        ? made
        : made.map(({ drill, ...rest }) => ({
            ...rest,
            drill: drill.how === "played" ? { ...drill, goalBpm } : drill,
          })),
    [made, goalBpm],
  );
  const isLoading = found.kind === "waiting";
  const [first] = made;
  const songBpm = first?.drill.how === "played" ? first.drill.goalBpm : null;
  return useMemo(
    () => ({ song, drills, songBpm, roots, isLoading }),
    [song, drills, songBpm, roots, isLoading],
  );
}
