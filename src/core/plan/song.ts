import { type Chord } from "@/core/chart";
import { compareFrettings, type Fretting } from "@/core/fretting";
import { chordKey } from "./memo";
import { type GripStop, type StopList } from "./stops";

/** A series of chords: which of them are the same, and what stands fixed or is forbidden at some places. */
export interface Song {
  /** Each chord once, told apart by what it asks for and not by its name. */
  readonly once: readonly Chord[];
  /** By place: which of those is played there. */
  readonly chordAt: readonly number[];
  readonly pinned: ReadonlyMap<number, readonly GripStop[]>;
  readonly forbidden: ReadonlyMap<number, readonly Fretting[]>;
}

/** Chords under different `terms` are different ones. */
export function readNamedSong(
  chords: readonly Chord[],
  pinned: Song["pinned"],
  forbidden: readonly { readonly index: number; readonly fretting: Fretting }[],
  terms: readonly string[] = [],
): Song {
  const known = new Map<string, number>();
  const once: Chord[] = [];
  const chordAt = chords.map((chord, index) => {
    const key = `${chordKey(chord)} ${terms[index] ?? ""}`;
    const at = known.get(key) ?? once.length;
    if (at === once.length) once.push(chord);
    known.set(key, at);
    return at;
  });
  const byPlace = new Map<number, Fretting[]>();
  for (const { index, fretting } of forbidden) {
    byPlace.set(index, [...(byPlace.get(index) ?? []), fretting]);
  }
  return { once, chordAt, pinned, forbidden: byPlace };
}

/** The largest number of grips forbidden at one place. */
export function maxForbidden({ forbidden }: Song): number {
  return Math.max(0, ...[...forbidden.values()].map(({ length }) => length));
}

/** The stops at each place; places with the same chord share one list. */
export function layersOf(
  { chordAt, pinned, forbidden }: Song,
  lists: readonly StopList[],
): readonly (readonly GripStop[])[] {
  return chordAt.map((chord, index) => {
    const stops = lists[chord]?.stops ?? [];
    const none = forbidden.get(index);
    const fixed = pinned.get(index);
    if (fixed) return fixed;
    if (!none) return stops;
    return stops.filter(
      ({ fingering }) => !none.some((each) => compareFrettings(each, fingering.fretting) === 0),
    );
  });
}

/** By place: what stops that are left out cost at least. */
export function furtherCosts(
  { chordAt, pinned }: Song,
  lists: readonly StopList[],
): readonly number[] {
  return chordAt.map((chord, index) =>
    pinned.has(index) ? Infinity : (lists[chord]?.upTo ?? Infinity),
  );
}

/**
 * By chord: what a stop of it may cost and still be in a route that costs no more than `worst`; `beside` is
 * what all else costs at least, by place.
 */
export function roomFor(
  { once, chordAt, pinned }: Song,
  worst: number,
  beside: readonly number[],
): readonly number[] {
  const room = once.map(() => -Infinity);
  for (const [index, chord] of chordAt.entries()) {
    if (pinned.has(index)) continue;
    room[chord] = Math.max(room[chord] ?? -Infinity, worst - (beside[index] ?? 0));
  }
  return room;
}
