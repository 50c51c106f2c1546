import { type Chord, type CountedChord } from "@/core/chart";
import { type Taste } from "@/core/grip";
import {
  countTunings,
  lowCost,
  makeGripSearch,
  type GripLimits,
  PER_RINGING,
  weighRetuning,
  type GripSearch,
  type Playing,
  type WeighedFretting,
  type Weights,
} from "@/core/gripSearch";
import { retuneNeck, type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { minPreference } from "@/core/preference";
import { makeField, type Field } from "./field";
import { retuningPoints, stringRetuningCost } from "./retuning";
import { type SearchSpace } from "./searchSpace";
import { makeShortlist, type ScoredTuning } from "./shortlist";
import { stringSets } from "./stringSets";

export interface SearchRequest {
  /** The guitar's neck; what it is tuned to does not matter. */
  readonly neck: Neck;
  readonly player: Taste;
  readonly chords: readonly CountedChord[];
  readonly weights: Weights;
  /** What grips must keep; nothing where it is left out. */
  readonly limits?: GripLimits;
  readonly space: SearchSpace;
  /** How many tunings to find. */
  readonly max: number;
  /** Leaves out tunings with a string turned for nothing: left alone, the chords would cost no more. */
  readonly onlyGainful: boolean;
}

/** A tuning that was found, with the cheapest grip of each chord. */
export interface FoundTuning extends ScoredTuning {
  readonly grips: readonly WeighedFretting[];
}

export interface SearchProgress {
  /** The share of the work that is done, 0 to 1. */
  readonly share: number;
  /** Tunings that may still come in. */
  readonly open: number;
  readonly best: readonly ScoredTuning[];
}

export const MAX_FOUND = 20;

/** Room for the last digits of sums that were added up in another order. */
const ROUNDING = 1e-6;
/** How many tunings are tried whole at first and after each chord, to have a mark to beat. */
const PROBED = 24;

/**
 * The tunings of a space in which some chords cost least, retuning included; exact. A chord's cheapest
 * grip on certain strings depends on the pitches of those strings only, so it is worked out once for all
 * tunings that agree on them, and a tuning is out as soon as twenty others are sure to be better. Yields
 * its progress; to end it, stop asking.
 */
export function* searchTunings(
  request: SearchRequest,
): Generator<SearchProgress, readonly FoundTuning[]> {
  const { neck, player, chords, weights, space, max } = request;
  const search = makeGripSearch(neck, player, weights, undefined, request.limits);
  const shortlist = makeShortlist(max);
  const field = makeField(space, weights, neck.capo);
  const scoreOf = (midi: readonly Midi[], limit: number) =>
    scoreTuning(search, request, midi, limit);
  const probe = (midi: readonly Midi[]) => {
    const scored = scoreOf(midi, shortlist.worst());
    if (scored.score < Infinity && isWanted(request, scored, scoreOf)) shortlist.offer(scored);
  };
  const probeCheapest = () => {
    for (const row of field.cheapest(PROBED)) probe(field.midiOf(row));
  };

  for (const midi of space.others) probe(midi);
  probeCheapest();
  let share = 0;
  let open = field.size;
  yield { share, open, best: shortlist.best() };

  const work = chords.map(({ chord }) => workOf(space, chord));
  const allWork = work.flat().reduce((sum, each) => sum + each.groups, 0);
  const floor = minPossible(request);
  for (const [index, { chord, times }] of chords.entries()) {
    const later = chords.slice(index + 1).reduce((sum, each) => sum + each.times, 0) * floor;
    /** What the chord may cost in a tuning that can still come in. */
    const mayCost = (row: number) =>
      (shortlist.worst() + ROUNDING - (field.costs[row] ?? Infinity) - later) / times;
    const min = new Float64Array(field.size).fill(Infinity);
    for (const { playing, groups } of work[index] ?? []) {
      lowerLeast(search, field, chord, playing, min, mayCost);
      share += groups / allWork;
      yield { share, open, best: shortlist.best() };
    }
    open = addCosts(field.costs, min, times, mayCost);
    probeCheapest();
    yield { share, open, best: shortlist.best() };
  }
  for (const scored of lastOnes(request, field, shortlist.worst())) shortlist.offer(scored);
  return shortlist.best().map((tuning) => ({
    ...tuning,
    grips: chords.flatMap(({ chord }) =>
      search.cheapest(retuneNeck(neck, tuning.midi).midi, chord, 1),
    ),
  }));
}

/** What is left of the field when all chords are added, as far as it may come in and is wanted. */
function lastOnes(request: SearchRequest, field: Field, worst: number): readonly ScoredTuning[] {
  const { from } = request.space;
  const left = new Map<string, ScoredTuning>();
  for (const [row, score] of field.costs.entries()) {
    if (score > worst + ROUNDING) continue;
    const midi = field.midiOf(row);
    left.set(midi.join(), { midi, score, retuning: retuningPoints(from, midi) });
  }
  // With a string left alone a tuning scores no worse, so it would be left as well.
  const scoreOf = (midi: readonly Midi[]) => left.get(midi.join()) ?? null;
  return [...left.values()].filter((scored) => isWanted(request, scored, scoreOf));
}

/** Whether every string that is turned gains something, where only such tunings are asked for. */
function isWanted(
  { space: { from, perString }, weights, onlyGainful }: SearchRequest,
  { midi, score }: ScoredTuning,
  scoreOf: (midi: readonly Midi[], limit: number) => ScoredTuning | null,
): boolean {
  if (!onlyGainful) return true;
  return !midi.some((pitch, string) => {
    const untouched = from[string] ?? pitch;
    if (pitch === untouched || !perString[string]?.includes(untouched)) return false;
    const limit = score - weighRetuning(stringRetuningCost(untouched, pitch), weights) + ROUNDING;
    const alone = scoreOf(midi.with(string, untouched), limit);
    return alone !== null && alone.score <= limit;
  });
}

/** A tuning's score, chord by chord; Infinity where it is over `limit` or a chord has no grip. */
function scoreTuning(
  search: GripSearch,
  request: SearchRequest,
  midi: readonly Midi[],
  limit = Infinity,
): ScoredTuning {
  const { neck, chords, weights, space } = request;
  const sounding = retuneNeck(neck, midi).midi;
  const retuning = retuningPoints(space.from, midi);
  const floor = minPossible(request);
  let score = weighRetuning(retuning, weights);
  let later = chords.reduce((sum, { times }) => sum + times, 0) * floor;
  for (const { chord, times } of chords) {
    later -= times * floor;
    const mayCost = (limit + ROUNDING - score - later) / times;
    const [cheapest] = search.cheapest(sounding, chord, 1, mayCost);
    if (!cheapest) return { midi, score: Infinity, retuning };
    score += times * cheapest.cost;
  }
  return { midi, score, retuning };
}

/** What no grip in any tuning of a question costs less than, with a capo or without. */
function minPossible({ space, weights, player, neck }: SearchRequest): number {
  const { perString, others } = space;
  const { low, ringing, usual } = weights;
  const strings = perString.length;
  const lowest = Math.min(...perString.flat(), ...others.flat());
  const preference = minPreference(player.tilts ?? [], { lowest, strings, frets: neck.frets });
  return low * lowCost(lowest) + usual * preference - ringing * PER_RINGING * strings;
}

/** The sets of strings that a chord may sound on, and on how many combinations of pitches each. */
function workOf(
  { perString }: SearchSpace,
  chord: Chord,
): readonly { readonly playing: Playing; readonly groups: number }[] {
  return stringSets(chord.tones, perString.length).map((playing) => ({
    playing,
    groups: perString.reduce((all, { length }, string) => all * (playing[string] ? length : 1), 1),
  }));
}

/** Lowers what a chord costs at least in each tuning to its cost on exactly some strings, where that is less. */
function lowerLeast(
  search: GripSearch,
  field: Field,
  chord: Chord,
  playing: Playing,
  min: Float64Array,
  mayCost: (row: number) => number,
): void {
  const { ofRow, tree } = field.group(playing);
  // No tuning of a group asks for a grip that costs more.
  const limits = new Float64Array(countTunings(tree)).fill(-Infinity);
  for (const [row, group] of ofRow.entries()) {
    if (field.costs[row] === Infinity) continue;
    const limit = Math.min(min[row] ?? Infinity, mayCost(row));
    if (limit > (limits[group] ?? Infinity)) limits[group] = limit;
  }
  const found = search.minOn(tree, chord, playing, limits);
  for (const [row, group] of ofRow.entries()) {
    const cost = found[group] ?? Infinity;
    if (cost < (min[row] ?? Infinity)) min[row] = cost;
  }
}

/** Adds a chord to every tuning; one in which it costs too much is out. Answers how many are left. */
function addCosts(
  costs: Float64Array,
  min: Float64Array,
  times: number,
  mayCost: (row: number) => number,
): number {
  let open = 0;
  for (const [row, cost] of costs.entries()) {
    const more = min[row] ?? Infinity;
    costs[row] = more > mayCost(row) ? Infinity : cost + times * more;
    if (costs[row] !== Infinity) open++;
  }
  return open;
}
