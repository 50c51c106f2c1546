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
import { positionOf, rankFingers, type Finger } from "@/core/hand";
import { makeChangeCost } from "@/core/motion";
import { type Neck } from "@/core/neck";
import { preferencePoints } from "@/core/preference";
import { failure, success, type Result } from "@/core/result";
import { bestRoutes, leastBeside, leastHardestRoutes, type Route } from "@/core/route";
import { furtherCosts, layersOf, mostForbidden, readSong, roomFor } from "./song";
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
  /** One that knows the same neck, player, weights and limits already. */
  readonly search?: GripSearch;
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
  const { neck, player, weights, most = 1, limits = NO_GRIP_LIMITS } = question;
  const { search = makeGripSearch(neck, player, weights, undefined, limits) } = question;
  const finder = makeStopFinder(search, neck, player, weights);
  const pinned = pinnedStops(question, finder);
  if (!pinned.ok) return pinned;
  const song = readSong(question.chords, pinned.value, question.forbidden ?? []);
  const firstGrips = question.goal === "hardest" ? GRIPS_FOR_HARDEST : FIRST_GRIPS;
  const costOfChange = costOfChangeOn(neck);
  for (let grips = firstGrips + mostForbidden(song); ; grips *= 4) {
    const lists = song.once.map((chord) => finder.first(chord, grips));
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
      return limit < list.upTo || !chord ? list : finder.within(chord, limit);
    });
    return success(bestRoutes(layersOf(song, wider), costOfChange, most));
  }
}

function costOfChangeOn(neck: Neck) {
  const cost = makeChangeCost(neck);
  const positionIn = (stop: GripStop) => positionOf(neck, stop.fingering);
  return (from: GripStop, hand: GripStop | null, to: GripStop) =>
    cost(from.fingering, hand && positionIn(hand), to.fingering);
}

/** The fixed stops, by place; a pin may break any limit, but the hand must be able to hold it. */
function pinnedStops(
  question: RouteQuestion,
  finder: StopFinder,
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
    const ways = finder
      .of(weigh(question, chord, fretting, best.effort, best.presses.length))
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
  const { neck, player, weights, chords, limits = NO_GRIP_LIMITS, forbidden = [] } = question;
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
