import { type Chord } from "@/core/chart";
import { type Taste } from "@/core/grip";
import { type GripLimits, type GripSearch, type Weights } from "@/core/gripSearch";
import { DEFAULT_LEVEL, TIMING } from "@/core/motion";
import { type Neck } from "@/core/neck";
import { planRoutes } from "./planRoutes";
import { struckInQuarters, timeRoute, type TimedRoute } from "./timeRoute";

const TEMPO_BPM = 120;

/** The best route through chords that are struck in quarters; null where one cannot be played. */
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
  return timeRoute(neck, route, struckInQuarters(chords.length, TEMPO_BPM), TIMING[DEFAULT_LEVEL]);
}
