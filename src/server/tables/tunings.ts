import { type Database } from "better-sqlite3";
import { readColumn, whole, type Keeper, prepared } from "@/server/keeper";
import { MIDI_FORMAT } from "@/state/saved";
import { favouriteSchema, ownTuningSchema } from "@/state/schema";

/** Tunings that the player named. */
export const tuningKeeper: Keeper<"tuning"> = {
  kind: "tuning",
  called: "tuning",
  schema: ownTuningSchema,
  select: "SELECT id, name, midi, format, revision, deleted_at FROM own_tuning",
  insert:
    "INSERT INTO own_tuning (id, name, midi, format, revision) VALUES (@id, @name, @midi, @format, @revision)",
  update:
    "UPDATE own_tuning SET name = @name, midi = @midi, format = @format, revision = @revision WHERE id = @id",
  mark: "UPDATE own_tuning SET deleted_at = @deletedAt, revision = @revision WHERE id = @id",
  toRow: ({ name, midi }) => ({
    name,
    midi: JSON.stringify(midi),
    format: MIDI_FORMAT.version,
  }),
  fromRow: ({ name, midi, format }) => {
    const pitches = readColumn(MIDI_FORMAT, midi, format);
    return pitches && whole({ name: String(name), midi: pitches });
  },
};

/** Favourite tunings, in the player's order. */
export const favouriteKeeper: Keeper<"favourite"> = {
  kind: "favourite",
  called: "favourite",
  schema: favouriteSchema,
  select: "SELECT id, midi, position, format, revision, deleted_at FROM favourite",
  insert: `INSERT INTO favourite (id, midi, position, format, revision)
    VALUES (@id, @midi, @position, @format, @revision)`,
  update: `UPDATE favourite SET midi = @midi, position = @position, format = @format, revision = @revision
    WHERE id = @id`,
  mark: "UPDATE favourite SET deleted_at = @deletedAt, revision = @revision WHERE id = @id",
  toRow: ({ midi, position }) => ({
    midi: JSON.stringify(midi),
    position,
    format: MIDI_FORMAT.version,
  }),
  fromRow: ({ midi, position, format }) => {
    const pitches = readColumn(MIDI_FORMAT, midi, format);
    return pitches && whole({ midi: pitches, position: Number(position) });
  },
  findSame,
};

function findSame(connection: Database, { midi }: { readonly midi: readonly number[] }) {
  const row = prepared(
    connection,
    "SELECT id FROM favourite WHERE midi = ? AND deleted_at IS NULL",
  ).get(JSON.stringify(midi)) as { readonly id: number } | undefined;
  return row?.id ?? null;
}
