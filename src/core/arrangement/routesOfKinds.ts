import { makeEffortBook } from "@/core/hand";
import { success, type Result } from "@/core/result";
import { nameRoutes, type NamedRoute } from "./nameRoutes";
import { planSong, planWith, routesOf, type SongRoute } from "./planSong";
import { type SongRequest } from "./request";
import { pairRecipe, recipeOf } from "./recipes";
import { OTHER_ROUTES, ROUTE_KINDS, type RouteKind } from "./settings";
import { timeSong } from "./timeSong";

/** Routes offered for a song, where it has as many. */
const ENOUGH = 5;
/** Chords of a song up to which routes beside the named ones are looked for: more would take seconds. */
const MAX_CHORDS_FOR_OTHERS = 128;
/** Pairs of strings that are tried, from the thickest. */
const PAIRS = 3;

/**
 * Plans the route of one kind. Returns the usual route if a song has fewer distinct routes than the kind asks for. One kind
 * at a time, so that the first route can be shown while the others are planned.
 */
export function planRouteOfKind(request: SongRequest, routeKind: RouteKind): Result<SongRoute> {
  if (routeKind === "one string pair") return onePair(request);
  const other = otherAt(routeKind);
  if (other < 0) return planSong(request, routeKind);
  const found = planOthers(request, other + 1).find((route) => route.routeKind === routeKind);
  return found ? success(found) : planSong(request, "usual");
}

/** Index in OTHER_ROUTES; -1 for a named kind. */
function otherAt(routeKind: RouteKind): number {
  return OTHER_ROUTES.findIndex((each) => each === routeKind);
}

/** The cheapest pair of strings. */
function onePair(request: SongRequest): Result<SongRoute> {
  const book = request.book ?? makeEffortBook(request.neck, request.player);
  const pairs = Array.from({ length: Math.min(PAIRS, request.neck.midi.length - 1) }, (_, string) =>
    planWith({ ...request, book }, pairRecipe(string), "one string pair"),
  );
  const found = pairs
    .flatMap((route) => (route.ok ? [route.value] : []))
    .toSorted((a, b) => b.played.length - a.played.length || a.timed.total - b.timed.total);
  const [best] = found;
  return best ? success(best) : (pairs[0] ?? planSong(request, "usual"));
}

/** All distinct routes through a song, each with the names it earns; empty where nothing can be played. */
export function planNamedRoutes(request: SongRequest): readonly NamedRoute[] {
  const found = ROUTE_KINDS.flatMap((routeKind) => {
    const planned = planRouteOfKind(request, routeKind);
    return planned.ok ? [planned.value] : [];
  });
  const named = nameRoutes(found);
  const missing = ENOUGH - named.length;
  const isShort = request.arrangement.chords.length <= MAX_CHORDS_FOR_OTHERS;
  return found.length === 0 || missing <= 0 || !isShort
    ? named
    : nameRoutes([...found, ...planOthers(request, Math.min(missing, OTHER_ROUTES.length))]);
}

/** The best routes distinct from the usual one and from each other. A larger `max` only adds routes at the end. */
function planOthers(request: SongRequest, max: number): readonly SongRoute[] {
  const found = routesOf(request, recipeOf("usual", request), max + 1);
  if (!found.ok) return [];
  const { played, routes } = found.value;
  return routes.slice(1).flatMap((route, index) => {
    const routeKind = OTHER_ROUTES[index];
    return routeKind ? [{ routeKind, played, timed: timeSong(request, played, route) }] : [];
  });
}
