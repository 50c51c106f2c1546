import { makeEffortBook } from "@/core/hand";
import { success, type Result } from "@/core/result";
import { nameRoutes, type NamedRoute } from "./nameRoutes";
import { planSong, planWith, routesOf, type SongRoute } from "./planSong";
import { type SongQuestion } from "./question";
import { pairRecipe, recipeOf } from "./recipes";
import { WAYS, type Way } from "./settings";
import { timeSong } from "./timeSong";

/** So many ways are shown where there are as many. */
const ENOUGH = 5;
/** Chords of a song up to which routes beside the named ones are looked for: more would take seconds. */
const MAX_CHORDS_FOR_OTHERS = 128;
/** Pairs of strings that are tried, from the thickest. */
const PAIRS = 3;
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

/** Every way to play a song that differs from the others, under the names it earns; none where nothing can be played. */
export function planWays(question: SongQuestion): readonly NamedRoute[] {
  const found = WAYS.flatMap((way) => {
    const planned = planWay(question, way);
    return planned.ok ? [planned.value] : [];
  });
  const named = nameRoutes(found);
  const missing = ENOUGH - named.length;
  const isShort = question.arrangement.chords.length <= MAX_CHORDS_FOR_OTHERS;
  return found.length === 0 || missing <= 0 || !isShort
    ? named
    : nameRoutes([...found, ...planOthers(question, missing + 1)]).slice(0, ENOUGH);
}

/** The usual route and the best ones that are distinct from it, and from each other. */
function planOthers(question: SongQuestion, max: number): readonly SongRoute[] {
  const found = routesOf(question, recipeOf("usual", question), max);
  if (!found.ok) return [];
  const { played, routes } = found.value;
  return routes.map((route) => ({
    way: "another",
    played,
    timed: timeSong(question, played, route),
  }));
}
