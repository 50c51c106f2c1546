import { countChords, type Chord } from "../chart";
import { rankFingers, type Fingering, type Player } from "../hand";
import { positionOf } from "../motion";
import { type Neck } from "../neck";
import { bestRoute, type Route, type Stop } from "../route";
import { type GripSearch, type WeighedFretting } from "./cheapestGrips";
import { type Weights } from "./weights";

export interface FingeredStop extends Stop {
  readonly fingering: Fingering;
}

export type ChordRoute = Route<FingeredStop>;

/** How many grips of each chord are tried for a first route, whose cost then bounds all others. */
const FIRST_TRIED = 30;
const ROUNDING = 1e-9;

/**
 * The best route through chords in the order they are played: effort and sound as this player weighs
 * them, and the way of the hand. Exact over all grips and fingerings: a grip that is in no route cheaper
 * than one already found need not be tried. Null where a chord cannot be played.
 */
export function routeThrough(
  search: GripSearch,
  neck: Neck,
  sequence: readonly Chord[],
  player: Player,
  weights: Weights,
): ChordRoute | null {
  const once = countChords(sequence).map(({ chord }) => chord);
  const stopsOf = (chord: Chord, most: number, limit: number) =>
    search
      .cheapest(neck.midi, chord, most, limit)
      .flatMap((weighed) => stopsAt(neck, weighed, player, weights));
  const route = (stops: ReadonlyMap<string, readonly FingeredStop[]>) =>
    bestRoute(sequence.map(({ name }) => stops.get(name) ?? []));

  const first = new Map(once.map((chord) => [chord.name, stopsOf(chord, FIRST_TRIED, Infinity)]));
  const bound = route(first);
  if (!bound) return null;
  const leastOf = ({ name }: Chord) => Math.min(...(first.get(name) ?? []).map(({ cost }) => cost));
  const spare = bound.cost - sequence.reduce((sum, chord) => sum + leastOf(chord), 0);
  return route(
    new Map(
      once.map((chord) => [
        chord.name,
        stopsOf(chord, Infinity, leastOf(chord) + spare + ROUNDING),
      ]),
    ),
  );
}

/** Every fingering of a fretting as a stop; the sound costs the same whatever the fingers. */
function stopsAt(
  neck: Neck,
  { fretting, cost, effort }: WeighedFretting,
  player: Player,
  { ease }: Weights,
): readonly FingeredStop[] {
  return rankFingers(neck, fretting, player).map((fingering) => ({
    fingering,
    cost: cost + ease * (fingering.effort - effort),
    position: positionOf(neck, fingering),
  }));
}
