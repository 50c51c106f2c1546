import { type Chord } from "@/core/chart";
import { askedOf } from "@/core/chordGrips";
import { compareFrettings, soundingMidi, type Fretting } from "@/core/fretting";
import { type Taste } from "@/core/grip";
import {
  makeGripSearch,
  NO_GRIP_LIMITS,
  soundCost,
  weighGrip,
  type GripLimits,
  type GripSearch,
  type WeighedFretting,
  type Weights,
} from "@/core/gripSearch";
import { makeEffortBook, rankFingers, type EffortBook, type Finger } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { preferencePoints } from "@/core/preference";
import { failure, success, type Result } from "@/core/result";
import { bestRoutes, leastBeside, leastHardestRoutes, type Route } from "@/core/route";
import { costOfChangeOn } from "./costOfChange";
import { type RouteMemo } from "./memo";
import { furtherCosts, layersOf, mostForbidden, readSong, roomFor, type Song } from "./song";
import { makeStopFinder, type GripStop, type StopFinder } from "./stops";

/** What a route minimises. */
export const GOALS = ["total", "hardest"] as const;
export type Goal = (typeof GOALS)[number];

/** A grip that the player wants at one place of a song; any that the hand can hold. */
export interface RoutePin {
  /** The chord as it is played, from 0. */
  readonly index: number;
  readonly fretting: Fretting;
  /** By string, thickest first; any of its fingerings without. */
  readonly fingers?: readonly (Finger | 0)[] | undefined;
}

/** What grips are chosen by where it is not the same for every chord. */
export interface ChordTerms {
  readonly weights: Weights;
  readonly limits: GripLimits;
}

/** Only grips near each chord's cheapest, where what is minimised is not what they cost. */
export interface NearbyGrips {
  /** How much more than the cheapest a grip may cost, in effort points. */
  readonly withinPoints: number;
  /** How much of its own cost counts beside the changes, 0 to 1. */
  readonly share: number;
}

export interface RouteQuestion {
  readonly neck: Neck;
  readonly player: Taste;
  readonly weights: Weights;
  /** In the order they are played. */
  readonly chords: readonly Chord[];
  readonly most?: number;
  readonly goal?: Goal;
  readonly pins?: readonly RoutePin[];
  readonly forbidden?: readonly Omit<RoutePin, "fingers">[];
  readonly limits?: GripLimits;
  /** By chord: what holds for it instead of the weights and limits of all. */
  readonly terms?: readonly ChordTerms[];
  /** Exact among these grips alone; all grips where it is left out. */
  readonly nearby?: NearbyGrips | undefined;
  /** One that knows the same neck, player, weights and limits already. */
  readonly search?: GripSearch;
  /** The efforts of this neck and player, where they are known already. */
  readonly book?: EffortBook;
  /** What is known of the same neck and player from questions before. */
  readonly memo?: RouteMemo | undefined;
}

export type GripRoute = Route<GripStop>;

/** Grips of each chord that are looked at first; the routes through them bound all others. */
const FIRST_GRIPS = 16;
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
 * more at its place than any route found. The problem names the pin, or the limit that leaves a chord without
 * a grip.
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
  const firstGrips = question.goal === "hardest" ? GRIPS_FOR_HARDEST : FIRST_GRIPS;
  const { costOfChange } = memoOf(question);
  for (let grips = firstGrips + mostForbidden(song); ; grips *= 4) {
    const lists = song.once.map((chord, at) => finderOf(finders, at).first(chord, grips));
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
    const wider = lists.map((list, at) => {
      const [chord, limit = 0] = [song.once[at], wanted[at]];
      return limit < list.upTo || !chord ? list : finderOf(finders, at).within(chord, limit);
    });
    return success(bestRoutes(layersOf(song, wider), costOfChange, most));
  }
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

function termsAt(question: RouteQuestion, index: number): ChordTerms {
  const { weights, limits = NO_GRIP_LIMITS, terms } = question;
  return terms?.[index] ?? { weights, limits };
}

function finderOf(finders: readonly StopFinder[], at: number): StopFinder {
  const finder = finders[at];
  if (!finder) throw new RangeError(`there is no chord ${at}`);
  return finder;
}

function planNearby(
  question: RouteQuestion,
  song: Song,
  finders: readonly StopFinder[],
  { withinPoints, share }: NearbyGrips,
): Result<readonly GripRoute[]> {
  const { most = 1, goal } = question;
  const fewest = FIRST_GRIPS + mostForbidden(song);
  const lists = song.once.map((chord, at) => {
    const finder = finderOf(finders, at);
    const first = finder.first(chord, fewest);
    const least = Math.min(...first.stops.map(({ cost }) => cost));
    const limit = least + withinPoints;
    return first.upTo >= limit
      ? { ...first, stops: first.stops.filter(({ cost }) => cost <= limit) }
      : finder.within(chord, limit);
  });
  const layers = layersOf(song, lists).map((layer, index) => {
    // Where all that is near is forbidden, what is left of the cheapest takes its place.
    const stops = layer.length > 0 ? layer : spareStops(question, song, finders, index);
    return stops.map((stop) => ({ ...stop, cost: stop.cost * share }));
  });
  const empty = layers.findIndex((layer) => layer.length === 0);
  if (empty >= 0) return impossible(question, empty);
  const search = goal === "hardest" ? leastHardestRoutes : bestRoutes;
  return success(search(layers, memoOf(question).costOfChange, most));
}

function spareStops(
  { chords }: RouteQuestion,
  song: Song,
  finders: readonly StopFinder[],
  index: number,
): readonly GripStop[] {
  const chord = chords[index];
  if (!chord) return [];
  const at = song.chordAt[index] ?? 0;
  const list = finderOf(finders, at).first(chord, FIRST_GRIPS + mostForbidden(song));
  const lists = song.once.map((_, each) => (each === at ? list : { stops: [], upTo: Infinity }));
  return layersOf(song, lists)[index] ?? [];
}

/** The fixed stops, by place; a pin may break any limit, but the hand must be able to hold it. */
function pinnedStops(
  question: RouteQuestion,
  finderAt: (index: number) => StopFinder,
): Result<ReadonlyMap<number, readonly GripStop[]>> {
  const { neck, player, chords, pins = [], forbidden = [] } = question;
  const stops = new Map<number, readonly GripStop[]>();
  for (const [at, { index, fretting, fingers }] of pins.entries()) {
    const field = `pins[${at}]`;
    const chord = chords[index];
    if (!chord) {
      return failure(`${field}.index`, `${index}: chords count from 0 to ${chords.length - 1}`);
    }
    if (stops.has(index)) return failure(`${field}.index`, `chord ${index} is pinned already`);
    const isForbidden = forbidden.some(
      (each) => each.index === index && compareFrettings(each.fretting, fretting) === 0,
    );
    if (isForbidden) return failure(field, `the grip is pinned and forbidden at chord ${index}`);
    const [best] = rankFingers(neck, fretting, player);
    if (!best) return failure(`${field}.fretting`, "this hand cannot hold the grip");
    const { weights } = termsAt(question, index);
    const ways = finderAt(index)
      .of(weigh({ ...question, weights }, chord, fretting, best.effort, best.presses.length))
      .filter(({ fingering }) => !fingers || fingering.fingers.join() === fingers.join());
    if (ways.length === 0) return failure(`${field}.fingers`, "the grip is not held that way");
    stops.set(index, ways);
  }
  return success(stops);
}

function weigh(
  { neck, player, weights }: RouteQuestion,
  chord: Chord,
  fretting: Fretting,
  effort: number,
  fingers: number,
): WeighedFretting {
  const midi = soundingMidi(neck, fretting);
  const asked = askedOf(chord);
  const preference =
    midi.length === 0 ? 0 : preferencePoints({ fretting, midi, fingers, asked }, player.tilts);
  const sound =
    midi.length === 0 ? { low: 0, clear: 0, ringing: 0 } : soundCost(fretting, midi, weights);
  return { fretting, effort, preference, cost: weighGrip(effort, preference, sound, weights) };
}

/** For a chord without a grip: which limit excludes it, or that none can be held at all. */
function impossible(question: RouteQuestion, index: number): Result<never> {
  const { neck, player, chords, forbidden = [] } = question;
  const { weights, limits } = termsAt(question, index);
  const chord = chords[index];
  const name = chord?.name ?? "";
  const without = (dropped: Partial<GripLimits>) =>
    chord &&
    makeGripSearch(neck, player, weights, undefined, { ...limits, ...dropped })
      .cheapest(neck.midi, chord, 1 + forbidden.length)
      .some(
        ({ fretting }) =>
          !forbidden.some(
            (each) => each.index === index && compareFrettings(each.fretting, fretting) === 0,
          ),
      );
  const dropped: readonly (readonly [string, Partial<GripLimits>])[] = [
    ["frets", { frets: null }],
    ["rootStrings", { rootStrings: null }],
    ["openStrings", { openStrings: "any" }],
    ["maxNotes", { mostNotes: null }],
  ];
  for (const [limit, part] of dropped) {
    if (without(part)) return failure(`limits.${limit}`, `${name} has no grip within this limit`);
  }
  if (without(NO_GRIP_LIMITS)) return failure("limits", `${name} has no grip within these limits`);
  const isForbidden = forbidden.some((each) => each.index === index);
  if (isForbidden) return failure("forbidden", `${name} has no grip but those that are forbidden`);
  return failure("chords", `${name} has no grip that this hand can hold in this tuning`);
}
