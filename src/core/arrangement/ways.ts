import { makeEffortBook } from "@/core/hand";
import { success, type Result } from "@/core/result";
import { stringsOf } from "./figures";
import { keyOf } from "./keyOf";
import { planSong, planWith, routesOf, type SongRoute } from "./planSong";
import { type SongQuestion } from "./question";
import { pairRecipe, recipeOf } from "./recipes";
import { WAYS, type Way } from "./settings";
import { timeSong } from "./timeSong";

/** A route with the names that its figures earn among the others; the first is the one it goes by. */
export interface NamedRoute extends SongRoute {
  readonly names: readonly (Way | "another")[];
}

/** So many ways are shown where there are as many. */
const ENOUGH = 5;
/** Pairs of strings that are tried, from the thickest. */
const PAIRS = 3;
/** Where a hand must be on average to be up the neck. */
const UP_FRET = 5;

/** A route for each purpose, one at a time, so that the first can be shown while the others are looked for. */
export function planWay(question: SongQuestion, way: Way): Result<SongRoute> {
  return way === "one string pair" ? onePair(question) : planSong(question, way);
}

/** The cheapest pair of strings. */
function onePair(question: SongQuestion): Result<SongRoute> {
  const book = question.book ?? makeEffortBook(question.neck, question.player);
  const pairs = Array.from(
    { length: Math.min(PAIRS, question.neck.midi.length - 1) },
    (_, string) => planWith({ ...question, book }, pairRecipe(string), "one string pair"),
  );
  const found = pairs
    .flatMap((route) => (route.ok ? [route.value] : []))
    .toSorted((a, b) => b.played.length - a.played.length || a.timed.total - b.timed.total);
  const [best] = found;
  return best ? success(best) : (pairs[0] ?? planSong(question, "usual"));
}

/** Further routes, next to the usual one, for where too few differ. */
export function planOthers(question: SongQuestion): readonly SongRoute[] {
  const found = routesOf(question, recipeOf("usual", question), ENOUGH);
  if (!found.ok) return [];
  const { played, routes } = found.value;
  return routes.map((route) => ({
    way: "another",
    played,
    timed: timeSong(question, played, route),
  }));
}

/**
 * The routes that differ, each under the names that its figures earn: the least or the most of all of them. One that was
 * looked for in vain, because another is better at it, goes by what it is best at, or is left out.
 */
export function nameRoutes(routes: readonly SongRoute[]): readonly NamedRoute[] {
  const distinct = routes.filter(
    (route, index) => routes.findIndex((other) => keyOf(other) === keyOf(route)) === index,
  );
  const holders = new Map(WAYS.map((way) => [way, holderOf(way, distinct)]));
  const named = distinct.map((route) => ({
    ...route,
    names: WAYS.filter((way) => holders.get(way) === route),
  }));
  const earned = named
    .filter(({ names }) => names.length > 0)
    .toSorted((a, b) => WAYS.indexOf(firstOf(a.names)) - WAYS.indexOf(firstOf(b.names)));
  const others = named
    .filter(({ names, way }) => names.length === 0 && way === "another")
    .map((route) => ({ ...route, names: ["another" as const] }));
  return [...earned, ...others].slice(0, Math.max(earned.length, ENOUGH));
}

function firstOf([first]: readonly Way[]): Way {
  return first ?? "usual";
}

/** The one route that a name belongs to: of those that are best at it, the one that was looked for under it. */
function holderOf(way: Way, all: readonly SongRoute[]): SongRoute | undefined {
  const best = all.filter((route) => earns(way, route, all));
  return (
    best.find((route) => route.way === way) ??
    best.find((route) => route.way === "usual") ??
    best[0]
  );
}

function earns(way: Way, route: SongRoute, all: readonly SongRoute[]): boolean {
  const { timed } = route;
  // One pair of strings plays less of each chord, and is measured against no other.
  const isPair = route.way === "one string pair";
  const rivals = all.filter((each) => each.way !== "one string pair");
  const isMost = (figure: (each: SongRoute) => number) =>
    rivals.every((each) => figure(each) <= figure(route)) && !isPair;
  switch (way) {
    case "usual":
      return route.way === "usual";
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
