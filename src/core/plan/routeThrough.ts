import { type Chord } from "@/core/chart";
import { type Taste } from "@/core/grip";
import { type GripLimits, type GripSearch, type Weights } from "@/core/gripSearch";
import { DEFAULT_LEVEL, TIMING } from "@/core/motion";
import { type Neck } from "@/core/neck";
import { planRoutes } from "./planRoutes";
import { struckOnBeats, timeRoute, type TimedRoute } from "./timeRoute";

const BEATS = 4;
const TEMPO_BPM = 120;

/** The best route through chords of a bar each; null where one cannot be played. */
export function routeThrough(
  search: GripSearch,
  neck: Neck,
  chords: readonly Chord[],
  player: Taste,
  weights: Weights,
  limits?: GripLimits,
): TimedRoute | null {
  const planned = planRoutes({
    neck,
    player,
    weights,
    chords,
    search,
    ...(limits && { limits }),
  });
  const route = planned.ok ? planned.value[0] : undefined;
  if (!route) return null;
  const times = chords.map(() => struckOnBeats(BEATS));
  return timeRoute(neck, route, times, TEMPO_BPM, TIMING[DEFAULT_LEVEL]);
}
