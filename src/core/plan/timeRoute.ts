import { positionOf, type HandPosition } from "@/core/hand";
import {
  availableMs,
  changeBetween,
  leastSinceStrumMs,
  neededMs,
  type HandChange,
  type TimingConstants,
} from "@/core/motion";
import { type Neck } from "@/core/neck";
import { type GripRoute } from "./planRoutes";
import { type GripStop } from "./stops";

/** How long a chord lasts, and how long before its end it is last struck; in beats. */
export interface ChordTime {
  readonly beats: number;
  readonly lastStrumBeats: number;
}

/** A chord that is struck on every beat. */
export function struckOnBeats(beats: number): ChordTime {
  return { beats, lastStrumBeats: Math.min(1, beats) };
}

/** The same for a chord that silence follows: the hand is free from the last strum on. */
export function struckThenSilent(beats: number, silentBeats: number): ChordTime {
  const { lastStrumBeats } = struckOnBeats(beats);
  return { beats: beats + silentBeats, lastStrumBeats: lastStrumBeats + silentBeats };
}

export interface TimedChange extends HandChange {
  readonly neededMs: number;
  readonly availableMs: number;
  /** What is left over; less than 0 where the change comes late. */
  readonly slackMs: number;
  /** The highest tempo at which it is in time; null where nothing has to move. */
  readonly cleanTempoBpm: number | null;
}

export interface TimedRoute {
  readonly stops: readonly GripStop[];
  /** One between each two stops. */
  readonly changes: readonly TimedChange[];
  readonly total: number;
  readonly hardest: number;
  readonly travelMm: number;
  /** Changes on which the hand travels. */
  readonly shifts: number;
  readonly cleanTempoBpm: number | null;
}

const MS_A_MINUTE = 60_000;

/** What every change of a route asks of the hand at a tempo. One time for each stop. */
export function timeRoute(
  neck: Neck,
  { stops, total, hardest }: GripRoute,
  times: readonly ChordTime[],
  tempoBpm: number,
  constants: TimingConstants,
): TimedRoute {
  let hand: HandPosition | null = null;
  const changes: TimedChange[] = [];
  for (const [at, { fingering }] of stops.entries()) {
    const before = stops[at - 1];
    if (before) {
      const change = changeBetween(neck, before.fingering, hand, fingering);
      changes.push(timeChange(change, times[at - 1] ?? struckOnBeats(1), tempoBpm, constants));
    }
    hand = positionOf(neck, fingering) ?? hand;
  }
  const tempos = changes.flatMap(({ cleanTempoBpm }) => cleanTempoBpm ?? []);
  return {
    stops,
    changes,
    total,
    hardest,
    travelMm: changes.reduce((sum, { travelMm }) => sum + travelMm, 0),
    shifts: changes.filter(({ travelMm }) => travelMm > 0).length,
    cleanTempoBpm: tempos.length > 0 ? Math.min(...tempos) : null,
  };
}

function timeChange(
  change: HandChange,
  { lastStrumBeats }: ChordTime,
  tempoBpm: number,
  constants: TimingConstants,
): TimedChange {
  const needed = neededMs(change, constants);
  const available = availableMs((lastStrumBeats * MS_A_MINUTE) / tempoBpm);
  return {
    ...change,
    neededMs: needed,
    availableMs: available,
    slackMs: available - needed,
    cleanTempoBpm: needed > 0 ? (lastStrumBeats * MS_A_MINUTE) / leastSinceStrumMs(needed) : null,
  };
}
