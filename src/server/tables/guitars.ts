import { type Database } from "better-sqlite3";
import { UNKNOWN_STRING } from "@/core/strings";
import { Refused } from "@/server/edge";
import { readColumn, type Keeper, type SqlValue, prepared } from "@/server/keeper";
import { type Bridge, type KeptGuitar } from "@/state";
import { fitTuned } from "@/wire";
import { MIDI_FORMAT, type Upgraded } from "@/state/saved";
import { guitarSchema } from "@/state/schema";

/** The player's guitars. */
export const guitarKeeper: Keeper<"guitar"> = {
  kind: "guitar",
  called: "guitar",
  schema: guitarSchema,
  select: `SELECT id, name, usual_midi, tuned_midi, frets, scale_mm, treble_scale_mm,
    perpendicular_fret, nut_mm, bridge_mm, capo, left_handed, bridge, strings, format, revision,
    deleted_at FROM guitar`,
  insert: `INSERT INTO guitar (id, name, usual_midi, tuned_midi, frets, scale_mm, treble_scale_mm,
      perpendicular_fret, nut_mm, bridge_mm, capo, left_handed, bridge, strings, format, revision,
      position)
    VALUES (@id, @name, @usualMidi, @tunedMidi, @frets, @scaleMm, @trebleScaleMm,
      @perpendicularFret, @nutMm, @bridgeMm, @capo, @leftHanded, @bridge, @strings, @format,
      @revision, (SELECT coalesce(max(position), 0) + 1 FROM guitar))`,
  update: `UPDATE guitar SET name = @name, usual_midi = @usualMidi, tuned_midi = @tunedMidi,
    frets = @frets, scale_mm = @scaleMm, treble_scale_mm = @trebleScaleMm,
    perpendicular_fret = @perpendicularFret, nut_mm = @nutMm, bridge_mm = @bridgeMm, capo = @capo,
    left_handed = @leftHanded, bridge = @bridge, strings = @strings, format = @format,
    revision = @revision WHERE id = @id`,
  mark: "UPDATE guitar SET deleted_at = @deletedAt, revision = @revision WHERE id = @id",
  toRow: (guitar) => ({
    name: guitar.name,
    usualMidi: JSON.stringify(guitar.usualMidi),
    tunedMidi: JSON.stringify(guitar.tunedMidi),
    frets: guitar.frets,
    scaleMm: guitar.scaleMm,
    trebleScaleMm: guitar.trebleScaleMm,
    perpendicularFret: guitar.perpendicularFret,
    nutMm: guitar.nutMm,
    bridgeMm: guitar.bridgeMm,
    capo: guitar.capo,
    leftHanded: guitar.leftHanded ? 1 : 0,
    bridge: guitar.bridge,
    strings: JSON.stringify(guitar.strings),
    format: MIDI_FORMAT.version,
  }),
  fromRow,
  fit: (guitar, fields) => ("tunedMidi" in fields ? guitar : fitTuned(guitar)),
  mayDelete,
};

/** Without its usual tuning a guitar is none; whatever else makes no sense is replaced alone. */
function fromRow(row: Readonly<Record<string, SqlValue>>): Upgraded<KeptGuitar> | null {
  const usualMidi = readColumn(MIDI_FORMAT, row.usual_midi, row.format);
  if (!usualMidi) return null;
  const unknown = usualMidi.map(() => UNKNOWN_STRING);
  const guitar: KeptGuitar = {
    name: String(row.name),
    usualMidi,
    tunedMidi: readColumn(MIDI_FORMAT, row.tuned_midi, row.format) ?? usualMidi,
    frets: Number(row.frets),
    scaleMm: Number(row.scale_mm),
    trebleScaleMm: Number(row.treble_scale_mm),
    perpendicularFret: Number(row.perpendicular_fret),
    nutMm: Number(row.nut_mm),
    bridgeMm: Number(row.bridge_mm),
    capo: Number(row.capo),
    leftHanded: row.left_handed === 1,
    bridge: row.bridge as Bridge,
    strings: unknown,
  };
  const strings = readStrings(row.strings, unknown);
  const described = fitTuned({ ...guitar, strings: strings ?? unknown });
  const isWhole = guitarSchema.isValidSync(described, { strict: true });
  const value = isWhole ? described : { ...described, strings: unknown };
  if (!isWhole && !guitarSchema.isValidSync(value, { strict: true })) return null;
  return { value, replaced: isWhole && strings ? [] : ["strings"] };
}

/** What is known of the strings; a guitar of the first Tenon, or with fewer described, gets unknown ones. */
function readStrings(
  text: SqlValue | undefined,
  unknown: KeptGuitar["strings"],
): KeptGuitar["strings"] | null {
  try {
    const saved: unknown = JSON.parse(String(text));
    if (!Array.isArray(saved)) return null;
    return unknown.map((each, string) => ({ ...each, ...saved[string] }));
  } catch {
    return null;
  }
}

function mayDelete(connection: Database, id: number): void {
  const other = prepared(
    connection,
    "SELECT 1 FROM guitar WHERE id <> ? AND deleted_at IS NULL LIMIT 1",
  ).get(id);
  if (!other) throw new Refused("guitar", "Tenon needs one guitar; add another first.");
}
