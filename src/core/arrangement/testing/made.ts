import {
  arrange,
  DEFAULT_SONG_SETTINGS,
  nameRoutes,
  planRouteOfKind,
  type Arrangement,
  type NamedRoute,
  type SongRequest,
  type SongRoute,
  type SongSettings,
  type RouteKind,
} from "@/core/arrangement";
import { DEFAULT_LEVEL, TIMING } from "@/core/motion";
import { makeNeck, type Neck } from "@/core/neck";
import { readChart } from "@/core/song";
import { usualMidi } from "@/core/tuning";

/** Songs on a neck in standard tuning. */

export const STANDARD = usualMidi(6);

export function standardNeck(): Neck {
  const made = makeNeck({ midi: STANDARD, frets: 22 });
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
}

export interface MadeSong {
  readonly arrangement: Arrangement;
  readonly request: SongRequest;
  readonly route: SongRoute;
  readonly neck: Neck;
}

export function makeSong(
  text: string,
  settings: Partial<SongSettings> = {},
  routeKind: RouteKind = "usual",
): MadeSong {
  const arrangement = arrange(readChart(text), { ...DEFAULT_SONG_SETTINGS, ...settings });
  const request: SongRequest = {
    arrangement,
    neck: standardNeck(),
    player: {},
    constants: TIMING[DEFAULT_LEVEL],
    downStrokesBpm: 180,
  };
  const planned = planRouteOfKind(request, routeKind);
  if (!planned.ok) throw new Error(planned.problem.message);
  return { arrangement, request, route: planned.value, neck: request.neck };
}

/** Two named routes through a song. */
export function makeNamedRoutes(text: string): readonly NamedRoute[] {
  const { request } = makeSong(text);
  return nameRoutes(
    (["usual", "up the neck"] as const).flatMap((routeKind) => {
      const planned = planRouteOfKind(request, routeKind);
      return planned.ok ? [planned.value] : [];
    }),
  );
}
