import { type Database } from "better-sqlite3";
import { readColumn, whole, type Keeper, prepared } from "@/server/keeper";
import { type PinContent } from "@/state";
import { FINGERS_FORMAT, FRETTING_FORMAT, MIDI_FORMAT, VOICING_FORMAT } from "@/state/saved";
import { pinSchema } from "@/state/schema";

/** Pinned fingerings. */
export const pinKeeper: Keeper<"pin"> = {
  kind: "pin",
  called: "pin",
  schema: pinSchema,
  select: `SELECT id, guitar_id, tuning_midi, root, stack, least_notes, fretting, fingers, format,
    revision, deleted_at FROM pin`,
  insert: `INSERT INTO pin (id, guitar_id, tuning_midi, root, stack, least_notes, fretting, fingers,
      format, revision)
    VALUES (@id, @guitarId, @tuningMidi, @root, @voicing, @minNotes, @fretting, @fingers, @format,
      @revision)`,
  update: `UPDATE pin SET guitar_id = @guitarId, tuning_midi = @tuningMidi, root = @root,
    stack = @voicing, least_notes = @minNotes, fretting = @fretting, fingers = @fingers,
    format = @format, revision = @revision WHERE id = @id`,
  mark: "UPDATE pin SET deleted_at = @deletedAt, revision = @revision WHERE id = @id",
  toRow,
  fromRow: (row) => {
    const { format } = row;
    const tuningMidi = readColumn(MIDI_FORMAT, row.tuning_midi, format);
    const voicing = readColumn(VOICING_FORMAT, row.stack, format);
    const fretting = readColumn(FRETTING_FORMAT, row.fretting, format);
    const fingers = readColumn(FINGERS_FORMAT, row.fingers, format);
    if (!tuningMidi || !voicing || !fretting || !fingers) return null;
    const pin = {
      guitarId: Number(row.guitar_id),
      tuningMidi,
      root: String(row.root),
      voicing,
      minNotes: row.least_notes as number | null,
      fretting,
      fingers,
    };
    return pinSchema.isValidSync(pin, { strict: true }) ? whole(pin) : null;
  },
  findSame,
};

function toRow(pin: PinContent) {
  return {
    guitarId: pin.guitarId,
    tuningMidi: JSON.stringify(pin.tuningMidi),
    root: pin.root,
    voicing: JSON.stringify(pin.voicing),
    minNotes: pin.minNotes,
    fretting: JSON.stringify(pin.fretting),
    fingers: JSON.stringify(pin.fingers),
    format: MIDI_FORMAT.version,
  };
}

/** The same grip for the same chord is pinned once. */
function findSame(connection: Database, pin: PinContent): number | null {
  const row = prepared(
    connection,
    `SELECT id FROM pin WHERE guitar_id = @guitarId AND tuning_midi = @tuningMidi AND root = @root
         AND stack = @voicing AND fretting = @fretting AND fingers = @fingers AND deleted_at IS NULL`,
  ).get(toRow(pin)) as { readonly id: number } | undefined;
  return row?.id ?? null;
}
