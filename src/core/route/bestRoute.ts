import { travelMm, type HandPosition } from "../motion";

/** A way to play one chord, as far as a route asks. */
export interface Stop {
  /** What it costs by itself, in effort points. */
  readonly cost: number;
  /** Where the hand stands; null where it may be anywhere, as with open strings only. */
  readonly position: HandPosition | null;
}

export interface Route<T extends Stop> {
  /** One for each chord. */
  readonly stops: readonly T[];
  /** Effort points: the stops and the ways between them. */
  readonly cost: number;
  /** What the hand travels along the neck, in mm. */
  readonly travelMm: number;
  /** How often it changes its position. */
  readonly shifts: number;
}

/** Effort points per mm that the hand travels, and for leaving a position at all (judgements). */
const PER_TRAVEL_MM = 0.05;
const PER_SHIFT = 1;

/** The best way to have come so far, and the fret where the hand was left. */
interface Arrival<T extends Stop> {
  readonly stop: T;
  readonly hand: HandPosition | null;
  readonly before: Arrival<T> | null;
  readonly cost: number;
  readonly travelMm: number;
  readonly shifts: number;
}

/**
 * The least costly way through a series of chords, one of the ways to play each: exact, by dynamic
 * programming over the hand's positions (Sayegh's optimum path paradigm, Computer Music Journal 13(3),
 * 1989). Through chords that leave the hand free it stays where it was. Null where a chord has no way.
 */
export function bestRoute<T extends Stop>(ways: readonly (readonly T[])[]): Route<T> | null {
  let arrivals: readonly Arrival<T>[] = [];
  for (const [index, stops] of ways.entries()) {
    const next = stops.flatMap((stop) =>
      index === 0 ? [step(null, stop)] : arrivalsAt(arrivals, stop),
    );
    arrivals = bestOfEachPosition(next);
    if (arrivals.length === 0) return null;
  }
  const best = cheapest(arrivals);
  if (!best) return null;
  const { cost, travelMm: travelled, shifts } = best;
  const stops: T[] = [];
  for (let at: Arrival<T> | null = best; at; at = at.before) stops.push(at.stop);
  return { stops: stops.reverse(), cost, travelMm: travelled, shifts };
}

/** A pressed grip is reached the best way of all; an open one from each position, where the hand stays. */
function arrivalsAt<T extends Stop>(from: readonly Arrival<T>[], stop: T): readonly Arrival<T>[] {
  const all = from.map((arrival) => step(arrival, stop));
  if (!stop.position) return all;
  const best = cheapest(all);
  return best ? [best] : [];
}

function step<T extends Stop>(before: Arrival<T> | null, stop: T): Arrival<T> {
  const { cost: gone = 0, travelMm: travelled = 0, shifts = 0, hand = null } = before ?? {};
  const moves = hand !== null && stop.position !== null && hand.fret !== stop.position.fret;
  const wayMm = moves && stop.position ? travelMm(hand, stop.position) : 0;
  return {
    stop,
    hand: stop.position ?? hand,
    before,
    cost: gone + stop.cost + (moves ? PER_SHIFT + PER_TRAVEL_MM * wayMm : 0),
    travelMm: travelled + wayMm,
    shifts: shifts + (moves ? 1 : 0),
  };
}

function bestOfEachPosition<T extends Stop>(
  arrivals: readonly Arrival<T>[],
): readonly Arrival<T>[] {
  const best = new Map<number | null, Arrival<T>>();
  for (const arrival of arrivals) {
    const fret = arrival.hand?.fret ?? null;
    if (arrival.cost < (best.get(fret)?.cost ?? Infinity)) best.set(fret, arrival);
  }
  return [...best.values()];
}

function cheapest<T extends Stop>(arrivals: readonly Arrival<T>[]): Arrival<T> | null {
  return arrivals.reduce<Arrival<T> | null>(
    (best, each) => (best && best.cost <= each.cost ? best : each),
    null,
  );
}
