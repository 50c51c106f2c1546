import { askedOf, type Chord } from "../chart";
import {
  makeGripSearch,
  NO_GRIP_LIMITS,
  soundCost,
  weighGrip,
  type GripLimits,
  type GripSearch,
  type WeighedFretting,
  type Weights,
} from "../compare";
import { compareFrettings, soundingMidi, type Fretting } from "../fretting";
import { type Taste } from "../grip";
import { rankFingers, type Finger } from "../hand";
import { makeChangeCost, positionOf } from "../motion";
import { type Neck } from "../neck";
import { pitchClassOf } from "../pitch";
import { preferencePoints } from "../preference";
import { failure, success, type Result } from "../result";
import { bestRoutes, leastBeside, leastHardestRoutes, type Route } from "../route";
import { makeStopFinder, type GripStop, type StopFinder, type StopList } from "./stops";

/** What a route is asked to have the least of. */
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
 * For the least hardest change no bound on a grip's own cost holds, so the cheapest so many grips of each chord
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
  const songs = new Song(question, pinned.value);
  const firstGrips = question.goal === "hardest" ? GRIPS_FOR_HARDEST : FIRST_GRIPS;
  const costOfChange = costOfChangeOn(neck);
  for (let grips = firstGrips + songs.mostForbidden; ; grips *= 4) {
    const lists = songs.chords.map((chord) => finder.first(chord, grips));
    const layers = songs.layers(lists);
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
    const further = songs.further(lists);
    const beside = leastBeside(layers, further, costOfChange);
    const wanted = songs.chords.map((_, at) => songs.roomOf(at, worst, beside));
    const enough = lists.every(({ upTo }, at) => (wanted[at] ?? 0) < upTo);
    if (enough) return success(found);
    const wider = lists.map((list, at) => {
      const [chord, limit = 0] = [songs.chords[at], wanted[at]];
      return limit < list.upTo || !chord ? list : finder.within(chord, limit);
    });
    return success(bestRoutes(songs.layers(wider), costOfChange, most));
  }
}

function costOfChangeOn(neck: Neck) {
  const cost = makeChangeCost(neck);
  const positionIn = (stop: GripStop) => positionOf(neck, stop.fingering);
  return (from: GripStop, hand: GripStop | null, to: GripStop) =>
    cost(from.fingering, hand && positionIn(hand), to.fingering);
}

/** A series of chords: which are the same, and what stands fixed at some places. */
class Song {
  /** Each chord once, told apart by what it asks for and not by its name. */
  readonly chords: readonly Chord[];
  readonly mostForbidden: number;
  private readonly chordAt: readonly number[];
  private readonly forbiddenAt: ReadonlyMap<number, readonly Fretting[]>;

  constructor(
    { chords, forbidden = [] }: RouteQuestion,
    private readonly pinned: ReadonlyMap<number, readonly GripStop[]>,
  ) {
    const known = new Map<string, number>();
    const once: Chord[] = [];
    this.chordAt = chords.map((chord) => {
      const key = JSON.stringify([pitchClassOf(chord.root), chord.tones]);
      const at = known.get(key) ?? once.length;
      if (at === once.length) once.push(chord);
      known.set(key, at);
      return at;
    });
    this.chords = once;
    const byIndex = new Map<number, Fretting[]>();
    for (const { index, fretting } of forbidden) {
      byIndex.set(index, [...(byIndex.get(index) ?? []), fretting]);
    }
    this.forbiddenAt = byIndex;
    this.mostForbidden = Math.max(0, ...[...byIndex.values()].map(({ length }) => length));
  }

  /** The stops at each place; places with the same chord share one list. */
  layers(lists: readonly StopList[]): readonly (readonly GripStop[])[] {
    return this.chordAt.map((chord, index) => {
      const stops = lists[chord]?.stops ?? [];
      const forbidden = this.forbiddenAt.get(index);
      const pinned = this.pinned.get(index);
      if (pinned) return pinned;
      if (!forbidden) return stops;
      return stops.filter(
        ({ fingering }) =>
          !forbidden.some((each) => compareFrettings(each, fingering.fretting) === 0),
      );
    });
  }

  /** By place: what stops that are left out cost at least. */
  further(lists: readonly StopList[]): readonly number[] {
    return this.chordAt.map((chord, index) =>
      this.pinned.has(index) ? Infinity : (lists[chord]?.upTo ?? Infinity),
    );
  }

  /** What a stop of a chord may cost and still be in a route that costs no more than `worst`. */
  roomOf(chord: number, worst: number, beside: readonly number[]): number {
    return this.chordAt.reduce(
      (room, at, index) =>
        at === chord && !this.pinned.has(index)
          ? Math.max(room, worst - (beside[index] ?? 0))
          : room,
      -Infinity,
    );
  }
}

/** The stops that are fixed, by place; a pin may break every limit, but the hand must hold it. */
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

/** A chord without a grip: which limit keeps it out, or that none can be held at all. */
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
