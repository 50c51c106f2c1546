import { type Arrangement, type SongRoute } from "@/core/arrangement";
import { positionOf, type Fingering } from "@/core/hand";
import { changeBetween, type HandChange } from "@/core/motion";
import { type Neck } from "@/core/neck";
import { quartersPerBeat } from "@/core/song";
import { firstOfRun } from "./riffRun";

/** The next grip that differs from the current one. */
export interface NextGrip {
  /** Index of its chord in the arrangement, and of its stop in the route. */
  readonly chord: number;
  readonly stop: number;
  /** Its start in quarters. If it belongs to the next repeat of a loop, the loop's length is added. */
  readonly at: number;
  readonly change: HandChange;
}

/** The first and last bar of a repeated part, as indices in `arrangement.bars`. */
export type Loop = readonly [firstBar: number, lastBar: number];

/**
 * The next different grip after a stop of a route. In a loop, the search continues with the loop's first stop. Null if no
 * later grip differs.
 */
export function nextGrip(
  { chords, bars }: Arrangement,
  { timed, played }: SongRoute,
  neck: Neck,
  stop: number,
  loop: Loop | null = null,
): NextGrip | null {
  const held = timed.stops[stop]?.fingering;
  if (!held) return null;
  const heldChord = played[stop] ?? -1;
  // Within a riff, the next grip is what follows its last note.
  const run = chords[heldChord]?.notes ? firstOfRun(chords, heldChord) : null;
  const all = played.map((chord, at) => ({ chord, stop: at, at: chords[chord]?.start ?? 0 }));
  const round = loop && startAndEnd(bars, loop);
  const inRound = round ? all.filter(({ at }) => at >= round.start && at < round.end) : [];
  const goesRound = inRound.some((each) => each.stop === stop);
  const roundLater = round ? round.end - round.start : 0;
  const coming = goesRound
    ? [...after(inRound, stop), ...inRound.map((each) => ({ ...each, at: each.at + roundLater }))]
    : after(all, stop);
  for (const each of coming) {
    const fingering = timed.stops[each.stop]?.fingering;
    if (!fingering || firstOfRun(chords, each.chord) === run) continue;
    // Another riff may well begin with the same note.
    const isRiff = Boolean(chords[each.chord]?.notes);
    if (!isRiff && isSameGrip(fingering, held)) continue;
    return { ...each, change: changeBetween(neck, held, positionOf(neck, held), fingering) };
  }
  return null;
}

function startAndEnd(bars: Arrangement["bars"], [first, last]: Loop) {
  const { start = 0, beats = 0 } = bars[last] ?? {};
  return { start: bars[first]?.start ?? 0, end: start + beats };
}

function after<T extends { readonly stop: number }>(stops: readonly T[], stop: number) {
  return stops.filter((each) => each.stop > stop);
}

function isSameGrip(a: Fingering, b: Fingering): boolean {
  return a.fretting.join() === b.fretting.join() && a.fingers.join() === b.fingers.join();
}

/** Time until a chord: in beats up to one bar, in bars beyond. */
export type Wait =
  | { readonly unit: "beats"; readonly count: number }
  | { readonly unit: "bars"; readonly count: number };

const ROUNDING = 1e-6;

/** The time between two positions, both in quarters from the start of the song. */
export function waitUntil({ bars }: Arrangement, from: number, to: number): Wait {
  const bar = bars.findLast(({ start }) => start <= from + ROUNDING) ?? bars[0];
  const beat = quartersPerBeat(bar?.meter ?? "4/4");
  const beats = Math.max(0, Math.ceil((to - from) / beat - ROUNDING));
  const barBeats = Math.max(1, Math.round((bar?.beats ?? 4) / beat));
  return beats <= barBeats
    ? { unit: "beats", count: beats }
    : { unit: "bars", count: Math.round(beats / barBeats) };
}
