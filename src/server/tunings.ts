import { type Database } from "better-sqlite3";
import { type Midi } from "@/core/pitch";
import { type OwnTuning } from "./types";

/** The player's own tunings, and the tunings they keep at hand. */
interface OwnTuningRow {
  readonly id: number;
  readonly name: string;
  readonly midi: string;
}

export function listOwnTunings(connection: Database): readonly OwnTuning[] {
  const rows = connection
    .prepare("SELECT id, name, midi FROM own_tuning WHERE deleted_at IS NULL ORDER BY name, id")
    .all() as OwnTuningRow[];
  return rows.map(({ id, name, midi }) => ({ id, name, midi: JSON.parse(midi) as number[] }));
}

export function addOwnTuning(connection: Database, name: string, midi: readonly Midi[]): number {
  const result = connection
    .prepare("INSERT INTO own_tuning (name, midi) VALUES (?, ?)")
    .run(name, JSON.stringify(midi));
  return Number(result.lastInsertRowid);
}

export function renameOwnTuning(connection: Database, id: number, name: string): void {
  connection.prepare("UPDATE own_tuning SET name = ? WHERE id = ?").run(name, id);
}

/** Marks a tuning as deleted; `restoreOwnTuning` brings it back. */
export function deleteOwnTuning(connection: Database, id: number): void {
  connection
    .prepare(
      "UPDATE own_tuning SET deleted_at = strftime('%Y-%m-%dT%H:%M:%fZ', 'now') WHERE id = ?",
    )
    .run(id);
}

export function restoreOwnTuning(connection: Database, id: number): void {
  connection.prepare("UPDATE own_tuning SET deleted_at = NULL WHERE id = ?").run(id);
}

/** Favourites by their pitches, in the player's order. */
export function listFavourites(connection: Database): readonly (readonly Midi[])[] {
  const rows = connection.prepare("SELECT midi FROM favourite_tuning ORDER BY position").all() as {
    midi: string;
  }[];
  return rows.map(({ midi }) => JSON.parse(midi) as number[]);
}

/** Puts the whole list of favourites in place of the old one. */
export function saveFavourites(connection: Database, all: readonly (readonly Midi[])[]): void {
  const insert = connection.prepare(
    "INSERT INTO favourite_tuning (midi, position) VALUES (?, ?) ON CONFLICT DO NOTHING",
  );
  const replace = connection.transaction(() => {
    connection.exec("DELETE FROM favourite_tuning");
    for (const [position, midi] of all.entries()) insert.run(JSON.stringify(midi), position);
  });
  replace.immediate();
}
