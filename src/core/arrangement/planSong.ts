import { compareFrettings, type Fretting } from "@/core/fretting";
import { type Taste } from "@/core/grip";
import { DEFAULT_WEIGHTS, makeGripSearch, type GripLimits, type Weights } from "@/core/gripSearch";
import { makeEffortBook, rankFingers, type Finger, type Fingering } from "@/core/hand";
import { type Neck } from "@/core/neck";
import {
  costOfChangeOn,
  frettingsOfNotes,
  planRoutes,
  riffPlace,
  steadyFingers,
  type ChordTerms,
  type GripRoute,
  type RouteRequest,
} from "@/core/plan";
import { success, type Result } from "@/core/result";
import { type ArrangedChord, type Arrangement } from "./arrange";
import { gripLimitsOf } from "./requestedNotes";
import { withoutLowNote } from "./lowNote";
import { type SongRequest } from "./request";
import { recipeOf, type Recipe } from "./recipes";
import { type PlayLimits, type RouteKind } from "./settings";
import { timeSong, type TimedSong } from "./timeSong";

/** A route through a song, or through as much of it as can be played. */
export interface SongRoute {
  readonly routeKind: RouteKind;
  /** Of which chords there are stops: indices in the arrangement, in order. */
  readonly played: readonly number[];
  readonly timed: TimedSong;
}

/**
 * A route through the chords of a song. Chords without any grip are left out, so that the rest can be seen; the problem
 * is that of a song without a single chord that can be played.
 */
export function planSong(request: SongRequest, routeKind: RouteKind): Result<SongRoute> {
  return planWith(request, recipeOf(routeKind, request), routeKind);
}

export function planWith(
  request: SongRequest,
  recipe: Recipe,
  routeKind: RouteKind,
): Result<SongRoute> {
  const routes = routesOf(request, recipe, 1);
  if (!routes.ok) return routes;
  const [route] = routes.value.routes;
  if (!route) throw new RangeError("planned no route");
  const { played } = routes.value;
  return { ok: true, value: { routeKind, played, timed: timeSong(request, played, route) } };
}

/** The best few routes of a recipe, each distinct from those before it, and which chords they play. */
export function routesOf(
  request: SongRequest,
  recipe: Recipe,
  max: number,
): Result<{ readonly played: readonly number[]; readonly routes: readonly GripRoute[] }> {
  const { arrangement } = request;
  const book = request.book ?? makeEffortBook(request.neck, request.player);
  const all = arrangement.chords.map((_, index) => index);
  const plan = (played: readonly number[]) =>
    planAsPlayed(routeRequest({ ...request, book }, recipe, played, max), arrangement, played);
  const first = plan(all);
  if (first.ok) return { ok: true, value: { played: all, routes: first.value } };
  const played = all.filter((index) => {
    const chord = arrangement.chords[index];
    return chord && hasGrip({ ...request, book }, recipe, chord);
  });
  if (played.length === 0 || played.length === all.length) return first;
  const rest = plan(played);
  return rest.ok ? { ok: true, value: { played, routes: rest.value } } : rest;
}

/** The routes of a question with each grip of a chord in a section fingered one way, and low notes left to a bass. */
function planAsPlayed(
  request: RouteRequest,
  { chords }: Arrangement,
  played: readonly number[],
): Result<readonly GripRoute[]> {
  const planned = planRoutes(request);
  if (!planned.ok) return planned;
  const arranged = played.flatMap((index) => chords[index] ?? []);
  return success(
    planned.value.map((route) =>
      steady(withoutLowNotes(route, request, arranged), request, arranged),
    ),
  );
}

function steady(
  route: GripRoute,
  { neck, memo, goal, pins = [] }: RouteRequest,
  arranged: readonly ArrangedChord[],
): GripRoute {
  if (goal === "hardest") return route;
  const fixed = new Set(pins.map(({ index }) => index));
  return steadyFingers(
    route,
    arranged.map(({ name, section }) => `${name} ${section}`),
    // The same note takes another finger where the notes around it differ.
    (at) => fixed.has(at) || arranged[at]?.notes !== null,
    memo?.costOfChange ?? costOfChangeOn(neck),
  );
}

/** The same places without the low notes that are left to a bass; pinned grips stay as they are. */
function withoutLowNotes(
  { stops, ...route }: GripRoute,
  request: RouteRequest,
  arranged: readonly ArrangedChord[],
): GripRoute {
  const pins = stops.map(({ fingering: { fretting } }, index) => {
    const own = request.pins?.find((pin) => pin.index === index);
    const chord = arranged[index];
    const left =
      !own && chord?.limits.withoutLowest && !chord.notes
        ? withoutLowNote(request.neck, fretting, chord.chord)
        : null;
    return own ?? { index, fretting: left ?? fretting, isChanged: left !== null };
  });
  if (!pins.some((pin) => "isChanged" in pin && pin.isChanged)) return { stops, ...route };
  const planned = planRoutes({
    ...request,
    pins,
    forbidden: [],
    recipe: "usual",
    distinct: false,
    max: 1,
  });
  return (planned.ok && planned.value[0]) || { stops, ...route };
}

function routeRequest(
  { arrangement, neck, player, book, memo }: SongRequest,
  recipe: Recipe,
  played: readonly number[],
  max: number,
): RouteRequest {
  const chords = played.flatMap((index) => arrangement.chords[index] ?? []);
  return {
    neck,
    player: tasteOf(player, recipe),
    weights: DEFAULT_WEIGHTS,
    chords: chords.map(({ chord }) => recipe.chord(chord)),
    terms: chords.map(({ limits }) => termsOf(limits, recipe)),
    max,
    goal: recipe.goal,
    nearby: recipe.nearby,
    recipe: recipe.keeps,
    distinct: max > 1,
    riff: chords.flatMap((chord, index) =>
      chord.notes ? [riffPlace(index, chord.notes, neck, noteLimits(chord, recipe))] : [],
    ),
    pins: chords.flatMap((chord, index) => {
      const pin = pinOf(chord, neck, player);
      return pin ? [{ index, ...pin }] : [];
    }),
    forbidden: chords.flatMap((chord, index) =>
      forbiddenFor(chord, neck).map((fretting) => ({ index, fretting })),
    ),
    ...(book && { book }),
    // What is remembered is of the player's own taste.
    memo: recipe.tilts.length > 0 ? undefined : memo,
  };
}

/**
 * The grip that is pinned to a chord. One that this neck does not have or this hand cannot hold, as after another tuning
 * was chosen, rests: the chord is planned as if it were not there.
 */
function pinOf(
  { marks }: ArrangedChord,
  neck: Neck,
  player: Taste,
): { readonly fretting: Fretting; readonly fingers?: readonly (Finger | 0)[] } | null {
  const pin = marks.find((mark) => mark.act === "pin");
  if (pin?.act !== "pin" || !isOnNeck(pin.fretting, neck)) return null;
  const { fretting, fingers } = pin;
  const ways = rankFingers(neck, fretting, player);
  if (ways.length === 0) return null;
  const isHeldSo = ways.some((routeKind) => routeKind.fingers.join() === fingers?.join());
  return fingers && isHeldSo ? { fretting, fingers } : { fretting };
}

function forbiddenFor({ marks }: ArrangedChord, neck: Neck): readonly Fretting[] {
  return marks.flatMap((mark) =>
    mark.act === "forbid" && isOnNeck(mark.fretting, neck) ? [mark.fretting] : [],
  );
}

function isOnNeck(fretting: Fretting, { midi, frets }: Neck): boolean {
  return fretting.length === midi.length && fretting.every((fret) => (fret ?? 0) <= frets);
}

/** Whether a chord has a grip under its limits, beside those that are forbidden, or one that is pinned. */
export function hasGrip(request: SongRequest, recipe: Recipe, chord: ArrangedChord): boolean {
  const { neck, player, book } = request;
  if (chord.notes) {
    return frettingsOfNotes(chord.notes, neck, noteLimits(chord, recipe)).some(
      ({ fretting }) => rankFingers(neck, fretting, player).length > 0,
    );
  }
  if (pinOf(chord, neck, player)) return true;
  const { weights, limits } = termsOf(chord.limits, recipe);
  const forbidden = forbiddenFor(chord, neck);
  return makeGripSearch(neck, tasteOf(player, recipe), weights, book, limits)
    .cheapest(neck.midi, recipe.chord(chord.chord), 1 + forbidden.length)
    .some(({ fretting }) => !forbidden.some((no) => compareFrettings(no, fretting) === 0));
}

/** The grips of one chord of a song that cost least under its limits, each with its usual fingers. */
export function gripsOf(request: SongRequest, index: number, max: number): readonly Fingering[] {
  const { arrangement, neck, player, book } = request;
  const chord = arrangement.chords[index];
  if (!chord || chord.notes) return [];
  const recipe = recipeOf("usual", request);
  const { weights, limits } = termsOf(chord.limits, recipe);
  const frettings = makeGripSearch(neck, player, weights, book, limits)
    .cheapest(neck.midi, chord.chord, max)
    .map(
      ({ fretting }) =>
        (chord.limits.withoutLowest && withoutLowNote(neck, fretting, chord.chord)) || fretting,
    );
  return frettings
    .filter(
      (each, at) => frettings.findIndex((other) => compareFrettings(each, other) === 0) === at,
    )
    .flatMap((fretting) => rankFingers(neck, fretting, player)[0] ?? []);
}

function tasteOf(player: Taste, { tilts }: Recipe): Taste {
  return tilts.length > 0 ? { ...player, tilts: [...(player.tilts ?? []), ...tilts] } : player;
}

/** What the player asks of a chord's grips, and what the recipe does beside it. */
function termsOf(limits: PlayLimits, recipe: Recipe): ChordTerms {
  // An open string that is wanted counts as one more weight of ringing.
  const wanted = limits.openStrings === "wanted" ? 1 : 0;
  const weights: Weights = {
    ...DEFAULT_WEIGHTS,
    ...recipe.weights,
    ringing: DEFAULT_WEIGHTS.ringing + (recipe.weights.ringing ?? 0) + wanted,
  };
  return { weights, limits: narrower(gripLimitsOf(limits), recipe.limits) };
}

/** Limits on notes whose strings Tenon picks: the player's and the recipe's together. */
function noteLimits({ limits }: ArrangedChord, recipe: Recipe): PlayLimits {
  const { frets, rootStrings } = narrower(gripLimitsOf(limits), recipe.limits);
  const isClosed = recipe.keeps === "closed" || recipe.limits.openStrings === "none";
  return { ...limits, frets, rootStrings, openStrings: isClosed ? "none" : limits.openStrings };
}

/** Both limits at once; where the recipe's leaves nothing of the player's, the player's alone. */
function narrower(
  own: GripLimits,
  { frets, rootStrings, ...more }: Partial<GripLimits>,
): GripLimits {
  const lowest = Math.max(own.frets?.[0] ?? 0, frets?.[0] ?? 0);
  const highest = Math.min(own.frets?.[1] ?? Infinity, frets?.[1] ?? Infinity);
  const both = lowest > highest ? own.frets : ([lowest, highest] as const);
  const strings = rootStrings?.filter((string) => own.rootStrings?.includes(string) ?? true) ?? [];
  return {
    ...own,
    ...more,
    frets: frets ? both : own.frets,
    rootStrings: rootStrings && strings.length > 0 ? strings : own.rootStrings,
  };
}
