import { NO_GRIP_LIMITS, makeGripSearch, type GripSearch } from "@/core/gripSearch";
import { makeEffortBook } from "@/core/hand";
import { success, type Result } from "@/core/result";
import { bestRoutes, leastBeside, leastHardestRoutes, type Route } from "@/core/route";
import { costOfChangeOn } from "./costOfChange";
import { impossible } from "./impossible";
import { type RouteMemo } from "./memo";
import { pinnedStops } from "./pinnedStops";
import { termsAt, type ChordTerms, type NearbyGrips, type RouteQuestion } from "./question";
import { furtherCosts, layersOf, readSong, roomFor, type Song } from "./song";
import { makeStopFinder, type GripStop, type StopFinder } from "./stops";
import { FEW_GRIPS, finderOf, FIRST_GRIPS, firstStops, moreThan, stopsUpTo } from "./widen";

export type GripRoute = Route<GripStop>;

/**
 * No bound on a grip's own cost holds for the least hardest change, so only this many of each chord's cheapest grips
 * take part: a player does not take a much worse one only to move less (a judgement).
 */
const GRIPS_FOR_HARDEST = 60;
/** Room for the last digits of sums that were added up in another order. */
const ROUNDING = 1e-9;

/**
 * The best routes of the hand through chords, one grip a chord: the stops as this player weighs them and
 * the changes between them. Exact for the least total, over every grip and fingering: what is left out costs
 * more at its place than any route found. Where neither effort nor preference is weighed and tens of thousands cost the same,
 * only the 2,000 cheapest stops of each chord take part. The problem names the pin, or the limit that leaves a chord
 * without a grip.
 */
export function planRoutes(question: RouteQuestion): Result<readonly GripRoute[]> {
  const { most = 1 } = question;
  const finderAt = makeFinders(question);
  const pinned = pinnedStops(question, finderAt);
  if (!pinned.ok) return pinned;
  const keys = question.terms?.map((terms) => JSON.stringify(terms));
  const song = readSong(question.chords, pinned.value, question.forbidden ?? [], keys);
  const finders = song.once.map((_, chord) => finderAt(song.chordAt.indexOf(chord)));
  if (question.nearby) return planNearby(question, song, finders, question.nearby);
  const { costOfChange } = memoOf(question);
  for (let grips = firstGripsOf(question); ; grips = moreThan(grips)) {
    const lists = firstStops(song, finders, grips);
    const layers = layersOf(song, lists);
    const empty = layers.findIndex((layer) => layer.length === 0);
    const isWhole = lists.every(({ upTo }) => upTo === Infinity);
    if (empty >= 0 && isWhole) return impossible(question, empty);
    if (empty >= 0) continue;
    if (question.goal === "hardest") {
      const found = leastHardestRoutes(layers, costOfChange, most);
      if (found.length === most || isWhole) return success(found);
      continue;
    }
    const found = bestRoutes(layers, costOfChange, most);
    if (isWhole) return success(found);
    if (found.length < most) continue;
    const worst = (found.at(-1)?.total ?? 0) + ROUNDING;
    const further = furtherCosts(song, lists);
    const beside = leastBeside(layers, further, costOfChange);
    const wanted = roomFor(song, worst, beside);
    const enough = lists.every(({ upTo }, at) => (wanted[at] ?? 0) < upTo);
    if (enough) return success(found);
    const wider = stopsUpTo(song, finders, lists, wanted, grips);
    if (wider) return success(bestRoutes(layersOf(song, wider), costOfChange, most));
  }
}

function firstGripsOf({ goal, most = 1 }: RouteQuestion): number {
  if (goal === "hardest") return GRIPS_FOR_HARDEST;
  return most === 1 ? FEW_GRIPS : FIRST_GRIPS;
}

/** What changes cost, worked out once for a question, or for all that share a memo. */
function memoOf({ neck, memo }: RouteQuestion): Pick<RouteMemo, "costOfChange"> {
  return memo ?? { costOfChange: costOfChangeOn(neck) };
}

/** The finder of each chord; chords under the same terms share one. */
function makeFinders(question: RouteQuestion): (index: number) => StopFinder {
  const { neck, player, weights, limits = NO_GRIP_LIMITS, terms, search } = question;
  const make = (each: ChordTerms, known?: GripSearch) => {
    const finder = makeStopFinder(
      known ?? makeGripSearch(neck, player, each.weights, book, each.limits),
      neck,
      player,
      each.weights,
    );
    return question.memo?.remembering(finder, JSON.stringify(each)) ?? finder;
  };
  const book = question.book ?? makeEffortBook(neck, player);
  if (!terms) {
    const only = make({ weights, limits }, search);
    return () => only;
  }
  const finders = new Map<string, StopFinder>();
  return (index) => {
    const own = termsAt(question, index);
    const key = JSON.stringify(own);
    const finder = finders.get(key) ?? make(own);
    finders.set(key, finder);
    return finder;
  };
}

function planNearby(
  question: RouteQuestion,
  song: Song,
  finders: readonly StopFinder[],
  { withinPoints, share }: NearbyGrips,
): Result<readonly GripRoute[]> {
  const { most = 1, goal } = question;
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
  if (empty >= 0) return impossible(question, empty);
  const search = goal === "hardest" ? leastHardestRoutes : bestRoutes;
  return success(search(layers, memoOf(question).costOfChange, most));
}
