import { makeGripSearch, type GripSearch } from "@/core/gripSearch";
import { makeEffortBook } from "@/core/hand";
import { failure, success, type Result } from "@/core/result";
import {
  bestRoutes,
  minRest,
  minRestDistinct,
  minHardestRoutes,
  type Route,
  type RouteSearch,
} from "@/core/route";
import { costOfChangeOn } from "./costOfChange";
import { impossible } from "./impossible";
import { type RouteMemo } from "./memo";
import { pinnedStops } from "./pinnedStops";
import { termsAt, type ChordTerms, type NearbyGrips, type RouteRequest } from "./request";
import { DISTINCTION, impossibleRecipe, makeRouteSearch, withRecipeLimits } from "./routeSearch";
import { furtherCosts, layersOf, readNamedSong, roomFor, type Song } from "./song";
import { makeStopFinder, type GripStop, type StopFinder, type StopList } from "./stops";
import { FEW_GRIPS, finderOf, FIRST_GRIPS, firstStops, moreThan, stopsUpTo } from "./widen";

export type GripRoute = Route<GripStop>;

/**
 * No bound on a grip's own cost holds for the least hardest change, so only this many of each chord's cheapest grips
 * take part: a player does not take a much worse one only to move less (a judgement).
 */
const GRIPS_FOR_HARDEST = 60;
/**
 * Tied to one shape, a chord may cost far more than by itself, so that nearly every grip would fit under the bound: this
 * many of its cheapest take part.
 */
const GRIPS_FOR_ONE_SHAPE = 128;
/** Room for the last digits of sums that were added up in another order. */
const ROUNDING = 1e-9;

/**
 * The best routes of the hand through chords, one grip a chord: the stops as this player weighs them and
 * the changes between them. Exact for the least total, over every grip and fingering: what is left out costs
 * more at its place than any route found. Where neither effort nor preference is weighed and tens of thousands cost the same,
 * only the 2,000 cheapest stops of each chord take part. The problem names the pin, or the limit or recipe that leaves a
 * chord without a grip.
 */
export function planRoutes(requested: RouteRequest): Result<readonly GripRoute[]> {
  const request = withRecipeLimits(requested);
  const { max = 1, recipe = "usual" } = request;
  const finderAt = makeFinders(request);
  const pinned = pinnedStops(request, finderAt);
  if (!pinned.ok) return pinned;
  const keys = request.terms?.map((terms) => JSON.stringify(terms));
  const song = readNamedSong(request.chords, pinned.value, request.forbidden ?? [], keys);
  const finders = song.once.map((_, chord) => finderAt(song.chordAt.indexOf(chord)));
  if (request.nearby) return planNearby(request, song, finders, request.nearby);
  const { costOfChange } = memoOf(request);
  const search = makeRouteSearch(request, costOfChange);
  if (!search.ok) return search;
  const findRoutes = search.value;
  for (let grips = firstGripsOf(request); ; grips = moreThan(grips)) {
    const lists = firstStops(song, finders, grips);
    const layers = layersOf(song, lists);
    const empty = layers.findIndex((layer) => layer.length === 0);
    const isWhole = furtherCosts(song, lists).every((cost) => cost === Infinity);
    if (empty >= 0 && isWhole) return impossible(requested, empty);
    if (empty >= 0) continue;
    const found = findRoutes(layers, max);
    if (isWhole && found.length === 0) return failure("recipe", impossibleRecipe(recipe));
    const isBounded = request.goal !== "hardest" && recipe !== "one shape";
    if (isWhole || (!isBounded && found.length === max)) return success(found);
    if (found.length < max) continue;
    const all = findAmongAll({ request, song, finders, grips, findRoutes }, lists, found);
    if (all) return success(all);
  }
}

interface Widening {
  readonly request: RouteRequest;
  readonly song: Song;
  readonly finders: readonly StopFinder[];
  /** How many grips of each chord the first lists hold. */
  readonly grips: number;
  readonly findRoutes: RouteSearch<GripStop>;
}

/**
 * The best routes among all stops, when some are found among those of the lists; null where more first grips may spare
 * looking for the rest.
 */
function findAmongAll(
  widening: Widening,
  lists: readonly StopList[],
  found: readonly GripRoute[],
): readonly GripRoute[] | null {
  const wider = widen(widening, lists, found);
  if (!wider || wider === lists) return wider && found;
  const { song, findRoutes } = widening;
  const better = findRoutes(layersOf(song, wider), found.length);
  // A better route may leave less for those that must be distinct from it.
  const isEnough =
    better.length === found.length &&
    better.every(({ total }, at) => total <= (found[at]?.total ?? 0) + ROUNDING);
  return isEnough ? better : findAmongAll(widening, wider, better);
}

/**
 * Lists of stops in which no stop is missing that a route as good as those found could take: the same lists where they
 * are such already, null where more first grips may spare looking for the rest.
 */
function widen(
  { request, song, finders, grips }: Widening,
  lists: readonly StopList[],
  found: readonly GripRoute[],
): readonly StopList[] | null {
  const further = furtherCosts(song, lists);
  const layers = layersOf(song, lists);
  const { costOfChange } = memoOf(request);
  const roomOf = ({ total }: GripRoute, beside: readonly number[]) =>
    roomFor(song, total + ROUNDING, beside);
  const worst = found.at(-1);
  const rooms = request.distinct
    ? found.map((route, at) => {
        const others = found.slice(0, at);
        return roomOf(route, minRestDistinct(layers, further, costOfChange, others, DISTINCTION));
      })
    : worst
      ? [roomOf(worst, minRest(layers, further, costOfChange))]
      : [];
  const wanted = lists.map((_, at) => Math.max(...rooms.map((room) => room[at] ?? 0)));
  if (lists.every(({ upTo }, at) => (wanted[at] ?? 0) < upTo)) return lists;
  return stopsUpTo(song, finders, lists, wanted, grips);
}

function firstGripsOf({ goal, recipe, max = 1 }: RouteRequest): number {
  if (recipe === "one shape") return GRIPS_FOR_ONE_SHAPE;
  if (goal === "hardest") return GRIPS_FOR_HARDEST;
  return max === 1 ? FEW_GRIPS : FIRST_GRIPS;
}

/** What changes cost, worked out once for a question, or for all that share a memo. */
function memoOf({ neck, memo }: RouteRequest): Pick<RouteMemo, "costOfChange"> {
  return memo ?? { costOfChange: costOfChangeOn(neck) };
}

/** The finder of each chord; chords under the same terms share one. */
function makeFinders(request: RouteRequest): (index: number) => StopFinder {
  const { neck, player, terms, search } = request;
  const make = (each: ChordTerms, known?: GripSearch) => {
    const finder = makeStopFinder(
      known ?? makeGripSearch(neck, player, each.weights, book, each.limits),
      neck,
      player,
      each.weights,
    );
    return request.memo?.remembering(finder, JSON.stringify(each)) ?? finder;
  };
  const book = request.book ?? makeEffortBook(neck, player);
  if (!terms) {
    const only = make(termsAt(request, 0), search);
    return () => only;
  }
  const finders = new Map<string, StopFinder>();
  return (index) => {
    const own = termsAt(request, index);
    const key = JSON.stringify(own);
    const finder = finders.get(key) ?? make(own);
    finders.set(key, finder);
    return finder;
  };
}

function planNearby(
  request: RouteRequest,
  song: Song,
  finders: readonly StopFinder[],
  { withinPoints, share }: NearbyGrips,
): Result<readonly GripRoute[]> {
  const { max = 1, goal } = request;
  const first = firstStops(song, finders, FIRST_GRIPS);
  const lists = song.once.map((chord, at) => {
    const { stops = [], upTo = 0 } = first[at] ?? {};
    const limit = Math.min(...stops.map(({ cost }) => cost)) + withinPoints;
    if (upTo < limit) return finderOf(finders, at).within(chord, limit);
    return { stops: stops.filter(({ cost }) => cost <= limit), upTo };
  });
  // Layers that are the same list stay so, and are worked out once.
  const shared = new Map<readonly GripStop[], readonly GripStop[]>();
  const layers = layersOf(song, lists).map((layer, index) => {
    // Where all that is near is forbidden, what is left of the cheapest takes its place.
    const stops = layer.length > 0 ? layer : (layersOf(song, first)[index] ?? []);
    const shares = shared.get(stops) ?? stops.map((stop) => ({ ...stop, cost: stop.cost * share }));
    shared.set(stops, shares);
    return shares;
  });
  const empty = layers.findIndex((layer) => layer.length === 0);
  if (empty >= 0) return impossible(request, empty);
  const search = goal === "hardest" ? minHardestRoutes : bestRoutes;
  return success(search(layers, memoOf(request).costOfChange, max));
}
