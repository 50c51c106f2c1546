import { lowestFret } from "@/core/fretting";
import { positionOf, type Fingering } from "@/core/hand";
import { type RoutedSong } from "./moment";

/** A position of the hand on the neck. */
export interface Place {
  /** The lowest pressed fret, of a riff the one at which the index is; 0 for open strings. */
  readonly fret: number;
  readonly fingering: Fingering;
  /** Index of the first chord played there. */
  readonly chord: number;
  /** Indices of the route's stops with this grip. */
  readonly stops: readonly number[];
}

/** Positions of the hand, and the changes between them as pairs of indices. */
interface Way {
  readonly places: readonly Place[];
  readonly steps: readonly (readonly [from: number, to: number])[];
}

/** Within a riff, positions so close are one. */
const SAME_POSITION_FRETS = 1;

/** The hand's positions and changes in a range of bars (`toBar` exclusive), each once; a riff has one a position. */
export function wayThrough(
  { arrangement: { chords }, route: { played, timed }, neck }: RoutedSong,
  fromBar: number,
  toBar: number,
): Way {
  const places: { -readonly [K in keyof Place]: K extends "stops" ? number[] : Place[K] }[] = [];
  const order: number[] = [];
  for (const [stop, chord] of played.entries()) {
    const bar = chords[chord]?.playedBar ?? -1;
    const fingering = timed.stops[stop]?.fingering;
    if (!fingering || bar < fromBar || bar >= toBar) continue;
    const isRiff = chords[chord]?.notes !== null;
    const handFret = isRiff ? positionOf(neck, fingering)?.fret : undefined;
    // Open notes are played from wherever the hand is.
    if (isRiff && handFret === undefined && places.length > 0) continue;
    const fret = handFret ?? lowestFret(fingering.fretting);
    const known = places.findIndex((place) =>
      isRiff
        ? chords[place.chord]?.notes && Math.abs(place.fret - fret) <= SAME_POSITION_FRETS
        : place.fingering.fretting.join() === fingering.fretting.join(),
    );
    const at = known >= 0 ? known : places.push({ fret, fingering, chord, stops: [] }) - 1;
    places[at]?.stops.push(stop);
    if (order.at(-1) !== at) order.push(at);
  }
  const steps = new Map<string, readonly [number, number]>();
  for (const [index, to] of order.slice(1).entries()) {
    const from = order[index] ?? to;
    const key = [from, to].toSorted((a, b) => a - b).join();
    if (!steps.has(key)) steps.set(key, [from, to]);
  }
  return { places, steps: [...steps.values()] };
}
