import { positionOf, type HandPosition } from "@/core/hand";
import {
  changeBetween,
  neededMs,
  NOTE_TIME_SHARE,
  noteChangeBetween,
  possibleMs,
  type HandChange,
  type TimingConstants,
} from "@/core/motion";
import { type Neck } from "@/core/neck";
import { UNLIMITED_QUARTERS_BPM } from "@/core/song";
import { type GripRoute } from "./planRoutes";
import { type GripStop } from "./stops";

/** How long the hand has for each change of a route, and how fast the song goes. */
export interface RouteTime {
  /** One per change, in quarters: from the last strum that needs the old grip to the first that needs the new one. */
  readonly gaps: readonly number[];
  /** In the meter's own beat. */
  readonly tempoBpm: number;
  readonly quartersPerBeat: number;
}

/** Timing for chords that are all strummed on every quarter. */
export function struckInQuarters(chords: number, tempoBpm: number): RouteTime {
  const gaps = Array.from({ length: Math.max(0, chords - 1) }, () => 1);
  return { gaps, tempoBpm, quartersPerBeat: 1 };
}

/** Tempos, all in the meter's own beat. */
export interface ChangeTempos {
  /** The fastest tempo at which it holds; null where nothing has to move. */
  readonly cleanTempoBpm: number | null;
  /** The fastest tempo that players of the level still manage; null above 240 in quarters, where nothing limits it. */
  readonly possibleTempoBpm: number | null;
}

export interface TimedChange extends HandChange, ChangeTempos {
  readonly neededMs: number;
  readonly availableMs: number;
  /** What is left over; less than 0 where the change comes late. */
  readonly slackMs: number;
}

export interface TimedRoute extends ChangeTempos {
  readonly stops: readonly GripStop[];
  /** One between each two stops. */
  readonly changes: readonly TimedChange[];
  readonly total: number;
  readonly hardest: number;
  readonly travelMm: number;
  /** Total frets moved, in either direction. */
  readonly travelFrets: number;
  /** Changes on which the hand travels. */
  readonly shifts: number;
}

const MS_PER_MINUTE = 60_000;

/** Times every change of a route. */
export function timeRoute(
  neck: Neck,
  { stops, total, hardest }: GripRoute,
  time: RouteTime,
  constants: TimingConstants,
): TimedRoute {
  let hand: HandPosition | null = null;
  const changes: TimedChange[] = [];
  for (const [at, { fingering, riff }] of stops.entries()) {
    const before = stops[at - 1];
    if (before) {
      const isRiff = before.riff !== undefined && riff !== undefined;
      const change = isRiff
        ? noteChangeBetween(neck, before.fingering, hand, fingering, riff.slur)
        : changeBetween(neck, before.fingering, hand, fingering);
      const share = isRiff ? NOTE_TIME_SHARE : 1;
      changes.push(timeChange(change, time.gaps[at - 1] ?? 0, share, time, constants));
    }
    hand = positionOf(neck, fingering) ?? hand;
  }
  return {
    stops,
    changes,
    total,
    hardest,
    travelMm: changes.reduce((sum, { travelMm }) => sum + travelMm, 0),
    travelFrets: changes.reduce((sum, { frets }) => sum + Math.abs(frets), 0),
    shifts: changes.filter(({ travelMm }) => travelMm > 0).length,
    cleanTempoBpm: minOf(changes.map(({ cleanTempoBpm }) => cleanTempoBpm)),
    possibleTempoBpm: minOf(changes.map(({ possibleTempoBpm }) => possibleTempoBpm)),
  };
}

function timeChange(
  change: HandChange,
  gap: number,
  /** Share of the time that the same change takes between chords. */
  timeShare: number,
  { tempoBpm, quartersPerBeat }: RouteTime,
  constants: TimingConstants,
): TimedChange {
  const needed = timeShare * neededMs(change, constants);
  // The length of the gap at 1 bpm; divided by a time in ms it gives the tempo at which the gap is that long.
  const beatsMs = (gap / quartersPerBeat) * MS_PER_MINUTE;
  const available = beatsMs / tempoBpm;
  const fastestBpm = change.isMoving
    ? beatsMs / (timeShare * possibleMs(change, constants))
    : Infinity;
  return {
    ...change,
    neededMs: needed,
    availableMs: available,
    slackMs: available - needed,
    cleanTempoBpm: change.isMoving ? beatsMs / needed : null,
    possibleTempoBpm: fastestBpm * quartersPerBeat > UNLIMITED_QUARTERS_BPM ? null : fastestBpm,
  };
}

/** The slowest of some tempos; null where none is a limit. */
export function minOf(tempos: readonly (number | null)[]): number | null {
  const limits = tempos.filter((tempo) => tempo !== null);
  return limits.length > 0 ? Math.min(...limits) : null;
}
