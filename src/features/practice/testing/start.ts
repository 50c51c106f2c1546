import { usualMidi } from "@/core/tuning";
import { startWith } from "@/session/testing";
import { PLAIN_ROUND } from "@/state";
import { type LoggedRound } from "@/wire";

/** A player with one guitar in standard tuning and no songs. */
export const START = startWith();

/** A round as the log lists it. */
export function roundOf(id: number, part: Partial<LoggedRound> = {}): LoggedRound {
  return {
    ...PLAIN_ROUND,
    id,
    atMs: Date.UTC(2026, 2, 10, 18),
    zoneMin: 0,
    drill: "move:rectangle:6-5",
    kind: "move",
    name: "The rectangle",
    result: "clean",
    seconds: 20,
    guitarId: 1,
    tuningMidi: usualMidi(6),
    bpm: 72,
    medianMs: -6,
    spreadMs: 9,
    ...part,
  };
}
