import { type Arrangement, type SongRoute } from "@/core/arrangement";
import { type Neck } from "@/core/neck";
import { firstOfRun } from "./riffRun";
import { nextGrip, waitUntil, type Loop, type NextGrip, type Wait } from "./nextGrip";

/** A song with a route through it, on its neck. */
export interface RoutedSong {
  readonly arrangement: Arrangement;
  readonly route: SongRoute;
  readonly neck: Neck;
}

/** The grip held at a time in a song, and the next different one. The notes of a riff in one bar count as one grip. */
export interface Moment {
  /** Index in `arrangement.bars`. */
  readonly bar: number;
  /** Index of the current chord, or of the first one before the song reaches it; null without chords. */
  readonly chord: number | null;
  /** Index of the chord's stop in the route; -1 if the chord has no grip. */
  readonly stop: number;
  readonly next: (NextGrip & { readonly wait: Wait }) | null;
}

const ROUNDING = 1e-6;

/** Finds the grips for a time, in quarters from the start of the song. */
export function momentAt(
  { arrangement, route, neck }: RoutedSong,
  quarters: number,
  loop: Loop | null = null,
): Moment {
  const { chords, bars } = arrangement;
  const hasBegun = ({ start }: { readonly start: number }) => start <= quarters + ROUNDING;
  const bar = Math.max(0, bars.findLastIndex(hasBegun));
  const held = firstOfRun(chords, Math.max(0, chords.findLastIndex(hasBegun)));
  if (chords.length === 0) return { bar, chord: null, stop: -1, next: null };
  const stop = route.played.indexOf(held);
  const found = nextGrip(arrangement, route, neck, stop, loop);
  const next = found && { ...found, wait: waitUntil(arrangement, quarters, found.at) };
  return { bar, chord: held, stop, next };
}
