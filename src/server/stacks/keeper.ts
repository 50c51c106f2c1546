import { readColumn, whole, type Keeper } from "@/server/keeper";
import { STACK_FORMAT } from "@/state/saved";
import { ownStackSchema } from "@/state/schema";

/** The player's own stacks and voicings, in their order. */
export const stackKeeper: Keeper<"stack"> = {
  kind: "stack",
  called: "stack",
  schema: ownStackSchema,
  select: `SELECT id, name, semitones, least_notes, position, format, revision, deleted_at
    FROM own_stack`,
  insert: `INSERT INTO own_stack (id, name, semitones, least_notes, position, format, revision)
    VALUES (@id, @name, @semitones, @leastNotes, @position, @format, @revision)`,
  update: `UPDATE own_stack SET name = @name, semitones = @semitones, least_notes = @leastNotes,
    position = @position, format = @format, revision = @revision WHERE id = @id`,
  mark: "UPDATE own_stack SET deleted_at = @deletedAt, revision = @revision WHERE id = @id",
  toRow: ({ name, stack, leastNotes, position }) => ({
    name,
    semitones: JSON.stringify(stack),
    leastNotes,
    position,
    format: STACK_FORMAT.version,
  }),
  fromRow: ({ name, semitones, least_notes: least, position, format }) => {
    const stack = readColumn(STACK_FORMAT, semitones, format);
    if (!stack) return null;
    const leastNotes = least === null || least === undefined ? null : Number(least);
    return whole({ name: String(name), stack, leastNotes, position: Number(position) });
  },
};
