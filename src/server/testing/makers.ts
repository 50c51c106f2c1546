import { type Database } from "better-sqlite3";
import { usualMidi } from "@/core/tuning";
import { guitarKeeper } from "@/server/tables";
import { addKept } from "@/server/keeper";
import {
  newGuitar,
  PLAIN_ROUND,
  type Choice,
  type Kept,
  type Rig,
  type RoundContent,
} from "@/state";
import { changeChoice } from "../choice";
import { readRig } from "../choice";

export const STANDARD: readonly number[] = [40, 45, 50, 55, 59, 64];

export function rigOf(connection: Database): Rig {
  return readRig(connection).rig;
}

/** A guitar as the player would add it. */
export function addGuitar(
  connection: Database,
  strings: number,
  part: Partial<Kept["guitar"]> = {},
): number {
  return addKept(connection, guitarKeeper, {
    ...newGuitar(strings),
    tunedMidi: usualMidi(strings),
    ...part,
  });
}

export function pinFor(guitarId: number, fret = 3): Kept["pin"] {
  return {
    guitarId,
    tuningMidi: STANDARD,
    root: "G",
    voicing: [0, 7, 12],
    minNotes: null,
    fretting: [fret, fret + 2, fret + 2, null, null, null],
    fingers: [1, 3, 4, 0, 0, 0],
  };
}

/** Saves parts of the last choice. */
export function saveChoice(connection: Database, fields: Partial<Choice>): void {
  changeChoice(connection, fields, 0, rigOf(connection).guitars[0]);
}

/** Writes a choice or a profile as an earlier Tenon did: unchecked, in format 1. */
export function saveEarly(
  connection: Database,
  { choice, profile }: { readonly choice?: unknown; readonly profile?: unknown },
): void {
  if (choice !== undefined) {
    connection
      .prepare("INSERT OR REPLACE INTO choice (player_id, content, format) VALUES (1, ?, 1)")
      .run(JSON.stringify(choice));
  }
  if (profile !== undefined) {
    connection
      .prepare("UPDATE player SET profile = ?, format = 1 WHERE id = 1")
      .run(JSON.stringify(profile));
  }
}

/** A round of the log: a clean one at 60 unless something else is said. */
export function roundFor(part: Partial<RoundContent> = {}): RoundContent {
  return {
    ...PLAIN_ROUND,
    atMs: Date.UTC(2026, 2, 10, 18),
    zoneMin: 60,
    drill: "move:rectangle:6-5",
    kind: "move",
    name: "The rectangle",
    result: "clean",
    seconds: 20,
    guitarId: null,
    tuningMidi: STANDARD,
    bpm: 60,
    ...part,
  };
}
