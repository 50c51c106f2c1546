import {
  adviseOn,
  arrange,
  easeSong,
  findBlocked,
  gripsOf,
  NO_EASE,
  planRouteOfKind,
  planNamedRoutes,
  type Advice,
  type Arrangement,
  type Blockage,
  type Ease,
  type Help,
  type NamedRoute,
  type SongRequest,
  type SongRoute,
  type SongSettings,
} from "@/core/arrangement";
import { songDrills, type PlayedDrill } from "@/core/drill";
import { type Taste } from "@/core/grip";
import { type Fingering } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { pitchClassOf } from "@/core/pitch";
import { makeRouteMemo, type RouteMemo } from "@/core/plan";
import { type Problem } from "@/core/result";
import { onlyPlayed, readChart, type Chart, type PlayedRange } from "@/core/song";
import { effortBook } from "./effortBooks";

/** What the Song room asks the worker. */
export const songApi = {
  /** A song laid out, and its route of the kind in its settings. */
  songRoute(requested: SongPlanRequest): PlannedSong {
    const { routeKind } = requested.settings;
    const request = songRequest(requested);
    const { arrangement } = request;
    const planned = planRouteOfKind(request, routeKind);
    return planned.ok
      ? { arrangement, route: planned.value, problem: null }
      : { arrangement, route: null, problem: planned.problem };
  },

  /** The grips of a chord that cost least under what is asked of it, the cheapest first. */
  songGrips(requested: SongPlanRequest, index: number, max: number): readonly Fingering[] {
    return gripsOf(songRequest(requested), index, max);
  },

  /** All the routes through a song, under the names that their figures earn; none where nothing can be played. */
  songRoutes(requested: SongPlanRequest): readonly NamedRoute[] {
    return planNamedRoutes(songRequest(requested));
  },

  /** Practice drills for a song along its own route; none where it has no route. */
  songDrills({ id, name, requested }: DrillRequest): SongDrills {
    const { text, settings } = requested;
    const { arrangement, route } = songApi.songRoute(requested);
    if (!route) return { drills: [], roots: [] };
    return {
      drills: songDrills({ id, name, text, settings, arrangement, route }),
      roots: [
        ...new Set(
          arrangement.chords.flatMap(({ chord, notes }) => (notes ? [] : pitchClassOf(chord.root))),
        ),
      ],
    };
  },

  /** What would help a change of a song. */
  songAdvice(requested: SongPlanRequest, change: number): readonly Advice[] {
    const { neck, player } = requested;
    return adviseOn({ ...requested, chart: chartOf(requested), change, ...knownOf(neck, player) });
  },

  /** Which chords of a song have no grip, and what forbids them. */
  songBlocked(requested: SongPlanRequest): Blockage {
    const { neck, player } = requested;
    return findBlocked({ ...requested, chart: chartOf(requested), ...knownOf(neck, player) });
  },

  /** The text of a long chart, read. */
  chart(text: string): Chart {
    return readChart(text);
  },
};

/** A song laid out, and a route through it, or the reason why there is none. */
export interface PlannedSong {
  readonly arrangement: Arrangement;
  readonly route: SongRoute | null;
  readonly problem: Problem | null;
}

/** A page’s request for a song’s route. */
export interface SongPlanRequest extends Omit<SongRequest, "arrangement" | "book"> {
  readonly text: string;
  /** The part of the chart's order to plan; all of it by default. */
  readonly range?: PlayedRange;
  readonly settings: SongSettings;
  readonly help: Help;
  readonly ease?: Ease;
}

/** A saved song, and how it is played. */
interface DrillRequest {
  readonly id: number;
  readonly name: string;
  readonly requested: SongPlanRequest;
}

/** The tightest changes of a song as drills, and the pitch classes of its roots. */
interface SongDrills {
  readonly drills: readonly PlayedDrill[];
  readonly roots: readonly number[];
}

function songRequest(requested: SongPlanRequest): SongRequest {
  const { settings, help, ease, neck, player } = requested;
  const arrangement = easeSong(arrange(chartOf(requested), settings, help), ease ?? NO_EASE);
  return { ...requested, arrangement, ...knownOf(neck, player) };
}

function chartOf({ text, range }: SongPlanRequest): Chart {
  const chart = readChart(text);
  return range ? onlyPlayed(chart, range) : chart;
}

/** What was found for songs on one neck in one player's hands; the last of each worker is kept. */
let memo: { readonly key: string; readonly memo: RouteMemo } | null = null;

function routeMemo(neck: Neck, player: Taste): RouteMemo {
  const key = JSON.stringify([neck, player]);
  if (memo?.key !== key) memo = { key, memo: makeRouteMemo(neck) };
  return memo.memo;
}

function knownOf(neck: Neck, player: Taste) {
  return { book: effortBook(neck, player), memo: routeMemo(neck, player) };
}
