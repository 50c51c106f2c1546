import { type Database } from "better-sqlite3";
import { type Finger } from "@/core/hand";
import { type Pin, type PinContent } from "./types";

interface PinRow {
  readonly id: number;
  readonly guitar_id: number;
  readonly tuning_midi: string;
  readonly root: string;
  readonly stack: string;
  readonly least_notes: number | null;
  readonly fretting: string;
  readonly fingers: string;
}

const SELECT_ALL = `SELECT id, guitar_id, tuning_midi, root, stack, least_notes, fretting, fingers
  FROM pin ORDER BY id`;

const INSERT = `INSERT INTO pin (guitar_id, tuning_midi, root, stack, least_notes, fretting, fingers)
  VALUES (@guitarId, @tuningMidi, @root, @stack, @leastNotes, @fretting, @fingers)
  ON CONFLICT DO NOTHING`;

/** Pins in the order in which they were made. */
export function listPins(connection: Database): readonly Pin[] {
  return (connection.prepare(SELECT_ALL).all() as PinRow[]).map((row) => ({
    id: row.id,
    guitarId: row.guitar_id,
    tuningMidi: JSON.parse(row.tuning_midi) as number[],
    root: row.root,
    stack: JSON.parse(row.stack) as number[],
    leastNotes: row.least_notes,
    fretting: JSON.parse(row.fretting) as (number | null)[],
    fingers: JSON.parse(row.fingers) as (Finger | 0)[],
  }));
}

/** Keeps a fingering; one that is kept already stays as it is. */
export function addPin(connection: Database, pin: PinContent): void {
  connection.prepare(INSERT).run({
    guitarId: pin.guitarId,
    tuningMidi: JSON.stringify(pin.tuningMidi),
    root: pin.root,
    stack: JSON.stringify(pin.stack),
    leastNotes: pin.leastNotes,
    fretting: JSON.stringify(pin.fretting),
    fingers: JSON.stringify(pin.fingers),
  });
}

export function removePin(connection: Database, id: number): void {
  connection.prepare("DELETE FROM pin WHERE id = ?").run(id);
}
