import { type Arrangement, type SongRoute } from "@/core/arrangement";
import { lowestFret } from "@/core/fretting";
import { type Fingering } from "@/core/hand";

/** A position of the hand on the neck. */
export interface Place {
  /** The lowest pressed fret; 0 for open strings. */
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

/** The hand's positions and changes in a range of bars (`toBar` exclusive). Each is listed once. */
export function wayThrough(
  { chords }: Arrangement,
  { played, timed }: SongRoute,
  fromBar: number,
  toBar: number,
): Way {
  const places: { -readonly [K in keyof Place]: K extends "stops" ? number[] : Place[K] }[] = [];
  const order: number[] = [];
  for (const [stop, chord] of played.entries()) {
    const bar = chords[chord]?.playedBar ?? -1;
    const fingering = timed.stops[stop]?.fingering;
    if (!fingering || bar < fromBar || bar >= toBar) continue;
    const key = fingering.fretting.join();
    const found = places.findIndex((place) => place.fingering.fretting.join() === key);
    const at =
      found >= 0
        ? found
        : places.push({ fret: lowestFret(fingering.fretting), fingering, chord, stops: [] }) - 1;
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
