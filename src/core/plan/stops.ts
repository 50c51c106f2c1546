import { type Chord } from "@/core/chart";
import { type GripSearch, type WeighedFretting, type Weights } from "@/core/gripSearch";
import { positionOf, rankFingers, type Fingering, type Player } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { type Stop } from "@/core/route";
import { type Slur } from "@/core/song";

/** A fingered grip that plays one chord of a song. */
export interface GripStop extends Stop {
  readonly fingering: Fingering;
  /** Effort points that players' preference adds. */
  readonly preference: number;
  /** Only on stops that play notes of a riff; `points` is their cost before a recipe changes it. */
  readonly riff?: { readonly slur: Slur | null; readonly points: number };
}

/** The stops of one chord that cost so much or less; all of them, whatever their fingers. */
export interface StopList {
  readonly stops: readonly GripStop[];
  /** What is left out costs more than this; Infinity where nothing is. */
  readonly upTo: number;
}

/** Finds the cheapest stops of chords in one tuning. */
export interface StopFinder {
  /** Every stop of the `most` cheapest grips that no stop left out undercuts. */
  readonly first: (chord: Chord, max: number) => StopList;
  /** Every stop that costs no more than a limit. */
  readonly within: (chord: Chord, limit: number) => StopList;
  /** The stops of a fretting that is given, at what it would cost for the chord. */
  readonly of: (weighed: WeighedFretting) => readonly GripStop[];
}

/** Room for the last digits of sums that were added up in another order. */
const ROUNDING = 1e-9;

/** By list: its cheapest stops, by how many they are. */
const cuts = new WeakMap<readonly GripStop[], Map<number, readonly GripStop[]>>();

/**
 * The stops of a list that cost no more than a limit below its own: the very same list for the same stops, so that
 * what is known of the changes between them serves again.
 */
export function cutAt({ stops }: StopList, limit: number): StopList {
  const kept = stops.filter(({ cost }) => cost <= limit + ROUNDING);
  const bySize = cuts.get(stops) ?? new Map<number, readonly GripStop[]>();
  cuts.set(stops, bySize);
  const known = bySize.get(kept.length) ?? kept;
  bySize.set(kept.length, known);
  return { stops: known, upTo: limit };
}

export function makeStopFinder(
  search: GripSearch,
  neck: Neck,
  player: Player,
  { ease }: Weights,
): StopFinder {
  const stopsOf = ({ fretting, cost, effort, preference }: WeighedFretting): GripStop[] =>
    rankFingers(neck, fretting, player).map((fingering) => ({
      fingering,
      preference,
      cost: cost + ease * (fingering.effort - effort),
      place: fretting.join(),
      position: positionOf(neck, fingering)?.mm ?? null,
    }));
  return {
    first: (chord, max) => {
      const grips = search.cheapest(neck.midi, chord, max);
      const upTo = grips.length < max ? Infinity : (grips.at(-1)?.cost ?? Infinity);
      return { stops: grips.flatMap(stopsOf).filter(({ cost }) => cost <= upTo), upTo };
    },
    within: (chord, limit) => {
      const grips = search.cheapest(neck.midi, chord, Infinity, limit);
      const stops = grips.flatMap(stopsOf).filter(({ cost }) => cost <= limit + ROUNDING);
      return { stops, upTo: limit };
    },
    of: stopsOf,
  };
}
