import { readColumn, whole, type Keeper } from "@/server/keeper";
import { VOICING_FORMAT } from "@/state/saved";
import { ownVoicingSchema } from "@/state/schema";

/** The player's own voicings and voicings, in their order. */
export const voicingKeeper: Keeper<"voicing"> = {
  kind: "voicing",
  called: "voicing",
  schema: ownVoicingSchema,
  select: `SELECT id, name, semitones, least_notes, position, format, revision, deleted_at
    FROM own_stack`,
  insert: `INSERT INTO own_stack (id, name, semitones, least_notes, position, format, revision)
    VALUES (@id, @name, @semitones, @minNotes, @position, @format, @revision)`,
  update: `UPDATE own_stack SET name = @name, semitones = @semitones, least_notes = @minNotes,
    position = @position, format = @format, revision = @revision WHERE id = @id`,
  mark: "UPDATE own_stack SET deleted_at = @deletedAt, revision = @revision WHERE id = @id",
  toRow: ({ name, voicing, minNotes, position }) => ({
    name,
    semitones: JSON.stringify(voicing),
    minNotes,
    position,
    format: VOICING_FORMAT.version,
  }),
  fromRow: ({ name, semitones, least_notes: min, position, format }) => {
    const voicing = readColumn(VOICING_FORMAT, semitones, format);
    if (!voicing) return null;
    const minNotes = min === null || min === undefined ? null : Number(min);
    return whole({ name: String(name), voicing, minNotes, position: Number(position) });
  },
};
