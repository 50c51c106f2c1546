import { hasItsBass, type Chord } from "@/core/chart";
import { requestOf } from "@/core/chordGrips";
import { compareFrettings, type Fretting } from "@/core/fretting";
import { type Taste } from "@/core/grip";
import {
  DEFAULT_HAND,
  handReachMm,
  makeEffortBook,
  makeEffortBound,
  type EffortBook,
} from "@/core/hand";
import { type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import {
  FREE_WEIGHTS,
  FRETTING_FINGERS,
  makePreferenceBound,
  preferencePoints,
  type RequestedChord,
  type PreferenceBounds,
} from "@/core/preference";
import { minCost } from "./branchBound";
import { keepsLimits, maySound, NO_GRIP_LIMITS, type GripLimits } from "./gripLimits";
import { countPlayingFrom, stringSetOf, type StringSet } from "./lie";
import { makeOptions, type NoteOptions, type Playing } from "./options";
import { highestBelow, onePitchTree, type HighestBelow, type PitchTree } from "./pitchTree";
import { countBits, NOTHING, withNote, type Sofar } from "./sofar";
import { roughnessWith, soundCost, weighGrip, type Weights } from "./weights";

/** A fretting and what it costs a player, in effort points. */
export interface WeighedFretting {
  readonly fretting: Fretting;
  readonly cost: number;
  readonly effort: number;
  /** Effort points that players' preference adds; 0 where it does not count. */
  readonly preference: number;
}

export interface GripSearch {
  /**
   * The frettings of a chord that cost least in a tuning of this neck, the cheapest first: at most
   * `most`, and none that costs more than `limit`. Exact: what it leaves out costs more.
   */
  readonly cheapest: (
    midi: readonly Midi[],
    chord: Chord,
    max: number,
    limit?: number,
  ) => readonly WeighedFretting[];
  /**
   * By tuning of a tree: the least cost of a chord on exactly the strings that are `playing`; Infinity where it is
   * over that tuning's limit. The pitches of the other strings do not matter.
   */
  readonly minOn: (
    tunings: PitchTree,
    chord: Chord,
    playing: Playing,
    limits: Float64Array,
  ) => Float64Array;
}

/** Room for the last digits of a sum that was added up in another order. */
const ROUNDING = 1e-9;

/**
 * Finds the cheapest grips of chords in any tuning of a neck, by branch and bound: string by string
 * from the thickest, leaving every branch whose bound is over what has been found. The efforts of
 * frettings are remembered, because they are the same in every tuning; `book` may know some already, for
 * the same neck and player. With `limits` only grips that keep them are found.
 */
export function makeGripSearch(
  neck: Neck,
  player: Taste,
  weights: Weights,
  book: EffortBook = makeEffortBook(neck, player),
  limits: GripLimits = NO_GRIP_LIMITS,
): GripSearch {
  const isLimited = JSON.stringify(limits) !== JSON.stringify(NO_GRIP_LIMITS);
  const strings = neck.midi.length;
  const { ease, usual } = weights;
  const plainBound = makeEffortBound(neck, player);
  // A finger that is left over counts against a free chord's grip: told together with the effort, the
  // bound is closer. Without any ease there is nothing to tell it by.
  const perIdle = FREE_WEIGHTS["finger left over"];
  const freeBound =
    usual > 0 && ease > 0 ? makeEffortBound(neck, player, (usual / ease) * perIdle) : plainBound;
  const tilts = player.tilts ?? [];
  const known = new WeakMap<Chord, { requested: RequestedChord; bounds: PreferenceBounds }>();
  const preferringOf = (chord: Chord) => {
    const found = known.get(chord);
    if (found) return found;
    const requested = requestOf(chord);
    const made = { requested, bounds: makePreferenceBound(neck, requested, tilts, reachMm) };
    known.set(chord, made);
    return made;
  };
  const reachMm = handReachMm(player.hand ?? DEFAULT_HAND);
  const optionsOf = makeOptions(neck);
  const lies = new WeakMap<Playing, StringSet>();
  const liesOf = (playing: Playing): StringSet => {
    const lie = lies.get(playing) ?? stringSetOf(playing);
    lies.set(playing, lie);
    return lie;
  };
  const frets: (number | null)[] = [];
  const pitches: Midi[] = [];
  const opens: Midi[] = [];
  const tuned = { ...neck, midi: opens };

  /**
   * Finds grips in all tunings of a tree. `highest` holds what a grip of each may still cost; `take` keeps one that was
   * found and returns what further ones may cost.
   */
  const search = (
    tree: PitchTree,
    chord: Chord,
    playing: Playing | null,
    highest: HighestBelow,
    take: (tuning: number, found: WeighedFretting) => number,
  ): void => {
    const { requested, bounds } = preferringOf(chord);
    const boundOf = requested.kind === "free" ? freeBound : plainBound;
    const playingFrom = countPlayingFrom(strings, playing);
    const lie = playing && liesOf(playing);
    /** What any grip of these options costs at least, before the place on the neck counts. */
    let minAnywhere = -Infinity;

    const finish = (sofar: Sofar, tuning: number) => {
      const worst = highest.at(strings, tuning);
      if (!hasItsBass(chord, pitches)) return;
      if (isLimited && !keepsLimits(tuned, frets, requested.root, limits)) return;
      const sound = soundCost(frets, pitches, weights);
      // Fingers are the costly part: all else is weighed before them, with none left over.
      const look = { fretting: frets, midi: pitches, fingers: FRETTING_FINGERS, requested };
      const min = usual === 0 ? 0 : preferencePoints(look, tilts);
      const { pressed, held, lowMm, highMm, lowestFret, highestFret, inner } = sofar;
      const easiest = boundOf({
        pressed,
        fingers: held.fingers,
        spanMm: pressed > 1 ? highMm - lowMm : 0,
        lowestFret: pressed > 0 ? lowestFret : highestFret,
        highestFret,
        inner,
      });
      if (weighGrip(easiest, min, sound, weights) > worst + ROUNDING) return;
      const { effort, fingers } = book.easiest(frets);
      if (effort === Infinity) return;
      const preference = usual === 0 ? 0 : preferencePoints({ ...look, fingers }, tilts);
      const cost = weighGrip(effort, preference, sound, weights);
      if (cost > worst + ROUNDING) return;
      highest.lower(tuning, take(tuning, { fretting: [...frets], effort, preference, cost }));
    };

    const visit = (string: number, node: number, sofar: Sofar, options: NoteOptions): void => {
      const left = playingFrom[string] ?? 0;
      if (sofar.notes + left < options.minNotes) return;
      if (countBits(options.required & ~sofar.heard) > left) return;
      const branch = { sofar, string, options, left, lie };
      const minWith = (toPress: number) => minCost(branch, toPress, boundOf, bounds.of, weights);
      // Where the strings that sound are settled, those that cannot ring open have to be pressed.
      const toPress = lie ? left - (options.openFrom[string] ?? 0) : 0;
      if (minWith(toPress) > highest.at(string, node) + ROUNDING) return;
      const level = tree.levels[string];
      if (!level) {
        finish(sofar, node);
        return;
      }
      // What a fret adds by its place is added to this below, so no place may be counted in it yet.
      if (string === 0) minAnywhere = minWith(0);
      const end = level.firstChild[node + 1] ?? 0;
      for (let child = level.firstChild[node] ?? 0; child < end; child++) {
        const pitch = level.pitch[child] ?? 0;
        opens.push(tree.pitches[string]?.[pitch] ?? 0);
        for (const option of options.perString[string]?.[pitch] ?? []) {
          const { fret, tipMm } = option;
          if (fret > 0) {
            const minThere = minAnywhere + usual * (bounds.byFret[fret] ?? 0);
            // The options that follow lie on higher frets.
            if (minThere > highest.at(string + 1, child) + ROUNDING) break;
            if (tipMm - sofar.lowMm > reachMm) break;
            if (sofar.highMm - tipMm > reachMm) continue;
          }
          if (options.eachOnce && (sofar.heard & option.tone) !== 0) continue;
          if (!maySound(limits, fret)) continue;
          const rough = weights.clear === 0 ? 0 : roughnessWith(option.midi, pitches);
          const more = withNote(sofar, option, string, pitches, options, reachMm, rough);
          if (!more) continue;
          frets.push(option.fret);
          pitches.push(option.midi);
          visit(string + 1, child, more, options);
          frets.pop();
          pitches.pop();
        }
        if (!playing?.[string]) {
          frets.push(null);
          visit(string + 1, child, { ...sofar, silent: sofar.silent + 1 }, options);
          frets.pop();
        }
        opens.pop();
      }
    };

    const start = lie && !lie.hasForm ? { ...NOTHING, form: null } : NOTHING;
    for (const options of optionsOf(tree.pitches, chord, playing)) visit(0, 0, start, options);
  };

  return {
    cheapest: (midi, chord, max, limit = Infinity) => {
      const tree = onePitchTree(midi);
      const found: WeighedFretting[] = [];
      const take = (_tuning: number, entry: WeighedFretting) => {
        const place = found.findIndex((other) => compareWeighed(entry, other) < 0);
        found.splice(place < 0 ? found.length : place, 0, entry);
        if (found.length > max) found.pop();
        return found.length === max ? Math.min(limit, found.at(-1)?.cost ?? limit) : limit;
      };
      search(tree, chord, null, highestBelow(tree, Float64Array.of(limit)), take);
      return found;
    },
    minOn: (tunings, chord, playing, limits) => {
      const min = new Float64Array(limits.length).fill(Infinity);
      const take = (tuning: number, { cost }: WeighedFretting) => {
        min[tuning] = Math.min(cost, min[tuning] ?? Infinity);
        return Math.min(cost, limits[tuning] ?? Infinity);
      };
      search(tunings, chord, playing, highestBelow(tunings, limits), take);
      return min;
    },
  };
}

function compareWeighed(a: WeighedFretting, b: WeighedFretting): number {
  return a.cost - b.cost || compareFrettings(a.fretting, b.fretting);
}
