import { hasItsBass, type Chord } from "@/core/chart";
import { askedOf } from "@/core/chordGrips";
import { mayBeForm } from "@/core/forms";
import { compareFrettings, hold, type Fretting } from "@/core/fretting";
import { type Taste } from "@/core/grip";
import {
  DEFAULT_HAND,
  FINGERS_AND_THUMB,
  handReachMm,
  makeEffortBook,
  makeEffortBound,
  type EffortBook,
  type EffortBound,
} from "@/core/hand";
import { type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import {
  CHORD_STRINGS,
  FREE_WEIGHTS,
  FRETTING_FINGERS,
  makePreferenceBound,
  preferencePoints,
  type Asked,
  type PreferenceBound,
  type PreferenceBounds,
} from "@/core/preference";
import { keepsLimits, maySound, NO_GRIP_LIMITS, type GripLimits } from "./gripLimits";
import { countPlayingFrom, lieOf, type Lie } from "./lie";
import { makeOptions, type Option, type Options, type Playing } from "./options";
import {
  countBits,
  formWith,
  isBassWrong,
  mayBeBar,
  mayRingInBass,
  mostDoubled,
  NOTHING,
  type Sofar,
} from "./sofar";
import {
  lowCost,
  PER_RINGING,
  PER_ROUGHNESS,
  roughnessWith,
  soundCost,
  weighGrip,
  type Weights,
} from "./weights";

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
    most: number,
    limit?: number,
  ) => readonly WeighedFretting[];
  /**
   * The least cost of a chord on exactly the strings that are `playing`; Infinity where it is over
   * `limit`. The pitches of the other strings do not matter.
   */
  readonly leastOn: (
    midi: readonly Midi[],
    chord: Chord,
    playing: Playing,
    limit: number,
  ) => number;
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
  const known = new WeakMap<Chord, { asked: Asked; bounds: PreferenceBounds }>();
  const preferringOf = (chord: Chord) => {
    const found = known.get(chord);
    if (found) return found;
    const asked = askedOf(chord);
    const made = { asked, bounds: makePreferenceBound(neck, asked, tilts, reachMm) };
    known.set(chord, made);
    return made;
  };
  const reachMm = handReachMm(player.hand ?? DEFAULT_HAND);
  const optionsOf = makeOptions(neck);
  const lies = new WeakMap<Playing, Lie>();
  const liesOf = (playing: Playing): Lie => {
    const lie = lies.get(playing) ?? lieOf(playing);
    lies.set(playing, lie);
    return lie;
  };
  const frets: (number | null)[] = [];
  const pitches: Midi[] = [];

  const withString = (sofar: Sofar, option: Option, others: number): Sofar | null => {
    const { fret, midi, tipMm } = option;
    const held = hold(sofar.held, fret);
    if (held.fingers > FINGERS_AND_THUMB) return null;
    const lowMm = fret === 0 ? sofar.lowMm : Math.min(sofar.lowMm, tipMm);
    const highMm = fret === 0 ? sofar.highMm : Math.max(sofar.highMm, tipMm);
    if (highMm - lowMm > reachMm) return null;
    const rough = weights.clear === 0 ? 0 : roughnessWith(midi, pitches);
    let same = sofar.same;
    for (const pitch of pitches) if (pitch === midi) same++;
    const isFirst = sofar.notes === 0;
    const before = pitches[pitches.length - 1] ?? midi;
    return {
      notes: sofar.notes + 1,
      pressed: sofar.pressed + (fret === 0 ? 0 : 1),
      heard: sofar.heard | option.tone,
      held,
      lowMm,
      highMm,
      lowestFret: fret === 0 ? sofar.lowestFret : Math.min(sofar.lowestFret, fret),
      highestFret: Math.max(sofar.highestFret, fret),
      silent: 0,
      inner: sofar.inner + (sofar.notes > 0 ? sofar.silent : 0),
      ringing: sofar.ringing + (fret === 0 ? 1 : 0),
      lowest: Math.min(sofar.lowest, midi),
      thickest: sofar.thickest < 0 ? frets.length : sofar.thickest,
      isBassOpen: isFirst ? fret === 0 : sofar.isBassOpen,
      form: formWith(sofar, option, midi - (pitches[0] ?? midi)),
      barFret:
        isFirst || (sofar.barFret === fret && (fret === 0 || sofar.silent === 0)) ? fret : -1,
      same,
      falling: sofar.falling + (midi < before ? 1 : 0),
      beyondSix: sofar.beyondSix + (frets.length < strings - CHORD_STRINGS ? 1 : 0),
      others: sofar.others + ((option.tone & others) === 0 ? 0 : 1),
      rough: sofar.rough + rough,
    };
  };

  const leastCost = (
    sofar: Sofar,
    string: number,
    options: Options,
    boundOf: EffortBound,
    preferenceBound: PreferenceBound,
    left: number,
    lie: Lie | null,
    /** Strings still to come that are sure to be pressed. */
    toPress: number,
  ): number => {
    const { held, lowMm, highMm, ringing, lowest, rough } = sofar;
    const inner = lie?.inner ?? sofar.inner;
    const pressed = sofar.pressed + toPress;
    const highestFret = Math.max(
      sofar.highestFret,
      toPress > 0 ? (options.highestFrom[string] ?? 0) : 0,
    );
    const spanMm = sofar.pressed > 1 ? highMm - lowMm : 0;
    const lowestFret = sofar.pressed > 0 ? sofar.lowestFret : highestFret;
    const fingers = Math.max(held.fingers, toPress > 0 ? 1 : 0);
    const effort = boundOf({ pressed, fingers, spanMm, lowestFret, highestFret, inner });
    const lowestToCome = options.lowestFrom[string] ?? Infinity;
    const mostOpen = ringing + (options.openFrom[string] ?? 0);
    let cost = ease * effort;
    if (usual > 0) {
      cost +=
        usual *
        preferenceBound({
          thickest: lie?.thickest ?? sofar.thickest,
          isBassOpen: sofar.notes > 0 ? sofar.isBassOpen : mayRingInBass(options, lie),
          mostNotes: sofar.notes + left,
          mostDegrees: countBits(sofar.heard) + left,
          mostDoubled: mostDoubled(sofar, options, left),
          pressed,
          lowestFret,
          highestFret,
          open: ringing,
          mostOpen,
          inner,
          thin: lie?.thin ?? (left === 0 ? sofar.silent + strings - string : 0),
          same: sofar.same,
          falling: sofar.falling,
          lowest,
          lowestToCome,
          isBassWrong: sofar.notes > 0 && isBassWrong(lowest, options, string),
          mayBeForm: sofar.form !== null && mayBeForm(sofar.form, sofar.silent, left === 0),
          mayBeBar: sofar.notes === 0 ? mayBeBar(lie, mostOpen) : sofar.barFret >= 0,
          beyondSix: sofar.beyondSix,
        });
    }
    return (
      cost +
      weights.low * lowCost(Math.min(lowest, lowestToCome)) +
      weights.clear * PER_ROUGHNESS * rough -
      weights.ringing * PER_RINGING * mostOpen
    );
  };

  const search = (
    midi: readonly Midi[],
    chord: Chord,
    playing: Playing | null,
    most: number,
    limit: number,
  ): readonly WeighedFretting[] => {
    const found: WeighedFretting[] = [];
    const { asked, bounds } = preferringOf(chord);
    const boundOf = asked.kind === "free" ? freeBound : plainBound;
    const playingFrom = countPlayingFrom(strings, playing);
    const lie = playing && liesOf(playing);
    const tuned = { ...neck, midi };
    let worst = limit;
    /** What any grip of these options costs at least, before the place on the neck counts. */
    let least0 = -Infinity;
    const keep = (effort: number, preference: number, cost: number) => {
      const entry = { fretting: [...frets], effort, preference, cost };
      const place = found.findIndex((other) => compareWeighed(entry, other) < 0);
      found.splice(place < 0 ? found.length : place, 0, entry);
      if (found.length > most) found.pop();
      if (found.length === most) worst = Math.min(limit, found.at(-1)?.cost ?? limit);
    };

    const finish = (sofar: Sofar) => {
      if (!hasItsBass(chord, pitches)) return;
      if (isLimited && !keepsLimits(tuned, frets, asked.root, limits)) return;
      const sound = soundCost(frets, pitches, weights);
      // Fingers are the costly part: all else is weighed before them, with none left over.
      const look = { fretting: frets, midi: pitches, fingers: FRETTING_FINGERS, asked };
      const least = usual === 0 ? 0 : preferencePoints(look, tilts);
      const { pressed, held, lowMm, highMm, lowestFret, highestFret, inner } = sofar;
      const easiest = boundOf({
        pressed,
        fingers: held.fingers,
        spanMm: pressed > 1 ? highMm - lowMm : 0,
        lowestFret: pressed > 0 ? lowestFret : highestFret,
        highestFret,
        inner,
      });
      if (weighGrip(easiest, least, sound, weights) > worst + ROUNDING) return;
      const { effort, fingers } = book.easiest(frets);
      if (effort === Infinity) return;
      const preference = usual === 0 ? 0 : preferencePoints({ ...look, fingers }, tilts);
      const cost = weighGrip(effort, preference, sound, weights);
      if (cost <= worst + ROUNDING) keep(effort, preference, cost);
    };

    const visit = (string: number, sofar: Sofar, options: Options): void => {
      const left = playingFrom[string] ?? 0;
      if (sofar.notes + left < options.leastNotes) return;
      if (countBits(options.required & ~sofar.heard) > left) return;
      const boundWith = (toPress: number) =>
        leastCost(sofar, string, options, boundOf, bounds.of, left, lie, toPress);
      // Where the strings that sound are settled, those that cannot ring open have to be pressed.
      const least = boundWith(lie ? left - (options.openFrom[string] ?? 0) : 0);
      if (least > worst + ROUNDING) return;
      if (string === strings) {
        finish(sofar);
        return;
      }
      // What a fret adds by its place is added to this below, so no place may be counted in it yet.
      if (string === 0) least0 = boundWith(0);
      for (const option of options.perString[string] ?? []) {
        const { fret, tipMm } = option;
        if (fret > 0) {
          // The options that follow lie on higher frets.
          if (least0 + usual * (bounds.byFret[fret] ?? 0) > worst + ROUNDING) break;
          if (tipMm - sofar.lowMm > reachMm) break;
          if (sofar.highMm - tipMm > reachMm) continue;
        }
        if (options.eachOnce && (sofar.heard & option.tone) !== 0) continue;
        if (!maySound(limits, fret)) continue;
        const more = withString(sofar, option, options.others);
        if (!more) continue;
        frets.push(option.fret);
        pitches.push(option.midi);
        visit(string + 1, more, options);
        frets.pop();
        pitches.pop();
      }
      if (playing?.[string]) return;
      frets.push(null);
      visit(string + 1, { ...sofar, silent: sofar.silent + 1 }, options);
      frets.pop();
    };

    const start = lie && !lie.hasForm ? { ...NOTHING, form: null } : NOTHING;
    for (const options of optionsOf(midi, chord, playing)) visit(0, start, options);
    return found;
  };

  return {
    cheapest: (midi, chord, most, limit = Infinity) => search(midi, chord, null, most, limit),
    leastOn: (midi, chord, playing, limit) =>
      search(midi, chord, playing, 1, limit)[0]?.cost ?? Infinity,
  };
}

function compareWeighed(a: WeighedFretting, b: WeighedFretting): number {
  return a.cost - b.cost || compareFrettings(a.fretting, b.fretting);
}
