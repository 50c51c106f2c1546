import { areDistinct } from "@/core/fretting";
import { ROUTE_RECIPES } from "@/core/plan";
import { stringsOf } from "./figures";
import { keyOf } from "./keyOf";
import { type SongRoute } from "./planSong";
import { ROUTE_KINDS, type NamedRouteKind, type RouteKind } from "./settings";

/** A route with the names that its figures earn among the others; the first is the one it goes by. */
export interface NamedRoute extends SongRoute {
  readonly names: readonly (NamedRouteKind | "another")[];
}

/** Where a hand must be on average to be up the neck. */
const UP_FRET = 5;

/**
 * The routes that differ, each under the names that it earns: the condition it was planned for, or a figure that is the
 * least or the most of all of them. A route that was planned for a figure and earns nothing is left out, and so is one
 * that is nearly the same as another, in all but a few of its chords.
 */
export function nameRoutes(routes: readonly SongRoute[]): readonly NamedRoute[] {
  const inOrder = routes.toSorted((a, b) => orderOf(a) - orderOf(b));
  const kept: SongRoute[] = [];
  for (const route of inOrder) {
    const isKept = keepsCondition(route.routeKind)
      ? kept.every((other) => keyOf(other) !== keyOf(route))
      : kept.every((other) => isDistinctFrom(route, other));
    if (isKept) kept.push(route);
  }
  const holders = new Map(
    ROUTE_KINDS.map((routeKind) => [
      routeKind,
      keepsCondition(routeKind) ? sameAs(routeKind, routes, kept) : holderOf(routeKind, kept),
    ]),
  );
  const named = kept
    .map((route) => ({
      ...route,
      names: ROUTE_KINDS.filter((routeKind) => holders.get(routeKind) === route),
    }))
    .flatMap((route): NamedRoute[] => {
      if (route.names.length > 0) return [route];
      return isNamed(route.routeKind) ? [] : [{ ...route, names: ["another"] }];
    })
    .toSorted((a, b) => nameOrder(a) - nameOrder(b));
  return withoutEqualFigures(named);
}

/** Merges routes whose displayed figures are all equal: the first keeps the names of all. */
function withoutEqualFigures(routes: readonly NamedRoute[]): readonly NamedRoute[] {
  const byFigures = new Map<string, NamedRoute>();
  for (const route of routes) {
    const key = figuresOf(route);
    const first = byFigures.get(key);
    const more = first ? route.names.filter((name) => name !== "another") : [];
    byFigures.set(key, first ? { ...first, names: [...first.names, ...more] } : route);
  }
  return [...byFigures.values()];
}

/** The figures as they are shown. */
function figuresOf({ timed }: SongRoute): string {
  const { total, travelFrets, shifts, hardest, lowestMidi, cleanTempoBpm, holds } = timed;
  const tempo = cleanTempoBpm === null ? "any" : Math.floor(cleanTempoBpm);
  const costs = [total, hardest].map((cost) => cost.toFixed(1));
  return [...costs, travelFrets, shifts, lowestMidi, tempo, holds].join(" ");
}

/** Finds a route in the list: by its kind, by a name that was merged into another row, or by its grips. */
export function rowOf(routes: readonly NamedRoute[], route: SongRoute): NamedRoute | undefined {
  const { routeKind } = route;
  return (
    routes.find((each) => each.routeKind === routeKind) ??
    routes.find(({ names }) => names.some((name) => name === routeKind)) ??
    routes.find((each) => keyOf(each) === keyOf(route))
  );
}

/** Whether a kind of route is defined by a condition on every grip, not by the figure it is best at. */
function keepsCondition(routeKind: RouteKind): boolean {
  return routeKind === "usual" || (ROUTE_RECIPES as readonly string[]).includes(routeKind);
}

function isNamed(routeKind: RouteKind): routeKind is NamedRouteKind {
  return (ROUTE_KINDS as readonly string[]).includes(routeKind);
}

function orderOf({ routeKind }: SongRoute): number {
  return isNamed(routeKind) ? ROUTE_KINDS.indexOf(routeKind) : ROUTE_KINDS.length;
}

function nameOrder({ names: [first = "another"] }: NamedRoute): number {
  return first === "another" ? ROUTE_KINDS.length : ROUTE_KINDS.indexOf(first);
}

/** The kept route that is the same as the one planned under a condition. */
function sameAs(
  routeKind: NamedRouteKind,
  routes: readonly SongRoute[],
  kept: readonly SongRoute[],
): SongRoute | undefined {
  const planned = routes.find((route) => route.routeKind === routeKind);
  return planned && kept.find((route) => keyOf(route) === keyOf(planned));
}

/** Whether two routes differ at a third of their stops or more. */
function isDistinctFrom(a: SongRoute, b: SongRoute): boolean {
  if (a.played.join() !== b.played.join()) return true;
  const different = a.timed.stops.filter(({ fingering }, at) => {
    const other = b.timed.stops[at];
    return !other || areDistinct(fingering.fretting, other.fingering.fretting);
  });
  return 3 * different.length >= a.timed.stops.length;
}

/** The one route that a name belongs to: of those that are best at it, the one that was looked for under it. */
function holderOf(routeKind: NamedRouteKind, all: readonly SongRoute[]): SongRoute | undefined {
  const best = all.filter((route) => earns(routeKind, route, all));
  return (
    best.find((route) => route.routeKind === routeKind) ??
    best.find((route) => route.routeKind === "usual") ??
    best[0]
  );
}

function earns(routeKind: NamedRouteKind, route: SongRoute, all: readonly SongRoute[]): boolean {
  const { timed } = route;
  // One pair of strings plays less of each chord, and is measured against no other.
  const isPair = route.routeKind === "one string pair";
  const rivals = all.filter((each) => each.routeKind !== "one string pair");
  const isMost = (figure: (each: SongRoute) => number) =>
    rivals.every((each) => figure(each) <= figure(route)) && !isPair;
  switch (routeKind) {
    case "usual":
    case "closed":
    case "one place":
    case "one shape":
    case "one position":
      return route.routeKind === routeKind;
    case "least movement":
      return isMost((each) => -each.timed.travelMm);
    case "least hardest change":
      return isMost((each) => -each.timed.hardest);
    case "open and ringing":
      return timed.openStrings > 0 && isMost((each) => each.timed.openStrings);
    case "low and heavy":
      return isMost((each) => -each.timed.meanLowestMidi);
    case "up the neck":
      return timed.meanFret >= UP_FRET && isMost((each) => each.timed.meanFret);
    case "one string pair":
      return stringsOf(timed.stops.map(({ fingering }) => fingering.fretting)).length === 2;
  }
}
