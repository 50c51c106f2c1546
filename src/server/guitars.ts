import { type Database } from "better-sqlite3";
import { makeNeck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { UNKNOWN_STRING, usualMidi, type StringSpec } from "@/core/tuning";
import { type Bridge, type Guitar, type GuitarContent } from "./types";

interface GuitarRow {
  readonly id: number;
  readonly name: string;
  readonly usual_midi: string;
  readonly tuned_midi: string;
  readonly frets: number;
  readonly scale_mm: number;
  readonly treble_scale_mm: number;
  readonly perpendicular_fret: number;
  readonly nut_mm: number;
  readonly bridge_mm: number;
  readonly capo: number;
  readonly left_handed: number;
  readonly bridge: string;
  readonly strings: string;
}

const SELECT_ALL = `SELECT id, name, usual_midi, tuned_midi, frets, scale_mm, treble_scale_mm,
  perpendicular_fret, nut_mm, bridge_mm, capo, left_handed, bridge, strings
  FROM guitar WHERE deleted_at IS NULL ORDER BY position, id`;

const INSERT = `INSERT INTO guitar (name, usual_midi, tuned_midi, frets, scale_mm, treble_scale_mm,
    perpendicular_fret, nut_mm, bridge_mm, capo, left_handed, bridge, strings, position)
  VALUES (@name, @usualMidi, @usualMidi, @frets, @scaleMm, @trebleScaleMm,
    @perpendicularFret, @nutMm, @bridgeMm, @capo, @leftHanded, @bridge, @strings,
    (SELECT coalesce(max(position), 0) + 1 FROM guitar))`;

/** A guitar with another number of strings cannot hang in what it hung in. */
const UPDATE = `UPDATE guitar SET name = @name, frets = @frets, scale_mm = @scaleMm,
    treble_scale_mm = @trebleScaleMm, perpendicular_fret = @perpendicularFret, nut_mm = @nutMm,
    bridge_mm = @bridgeMm, capo = @capo, left_handed = @leftHanded, bridge = @bridge,
    strings = @strings, usual_midi = @usualMidi,
    tuned_midi = CASE WHEN json_array_length(tuned_midi) = json_array_length(@usualMidi)
      THEN tuned_midi ELSE @usualMidi END
  WHERE id = @id AND deleted_at IS NULL`;

export function listGuitars(connection: Database): readonly Guitar[] {
  return (connection.prepare(SELECT_ALL).all() as GuitarRow[]).map((row) => {
    const midi = JSON.parse(row.usual_midi) as number[];
    const strings = JSON.parse(row.strings) as StringSpec[];
    return {
      id: row.id,
      name: row.name,
      usualMidi: midi,
      tunedMidi: JSON.parse(row.tuned_midi) as number[],
      frets: row.frets,
      scaleMm: row.scale_mm,
      trebleScaleMm: row.treble_scale_mm,
      perpendicularFret: row.perpendicular_fret,
      nutMm: row.nut_mm,
      bridgeMm: row.bridge_mm,
      capo: row.capo,
      leftHanded: row.left_handed === 1,
      bridge: row.bridge as Bridge,
      strings: midi.map((_, string) => strings[string] ?? UNKNOWN_STRING),
    };
  });
}

/** What is known of a new guitar; what is not told is as on a common electric one. */
export type NewGuitar = Pick<GuitarContent, "name" | "usualMidi" | "frets"> &
  Partial<GuitarContent>;

/** Adds a guitar at the end of the list and returns its id. Throws where the core refuses its neck. */
export function addGuitar(connection: Database, guitar: NewGuitar): number {
  return Number(connection.prepare(INSERT).run(toRow(guitar)).lastInsertRowid);
}

/** Changes a guitar. Throws where there is none of that id, or where the core refuses its neck. */
export function updateGuitar(connection: Database, id: number, guitar: GuitarContent): void {
  const { changes } = connection.prepare(UPDATE).run({ ...toRow(guitar), id });
  if (changes === 0) throw new RangeError(`There is no guitar ${id}.`);
}

/** Marks a guitar as deleted; it can be restored with all its pins. The last one stays. */
export function deleteGuitar(connection: Database, id: number): void {
  const others = listGuitars(connection).filter((guitar) => guitar.id !== id);
  if (others.length === 0) throw new RangeError("Tenon needs one guitar; add another first.");
  connection
    .prepare("UPDATE guitar SET deleted_at = strftime('%Y-%m-%dT%H:%M:%fZ', 'now') WHERE id = ?")
    .run(id);
}

export function restoreGuitar(connection: Database, id: number): void {
  connection.prepare("UPDATE guitar SET deleted_at = NULL WHERE id = ?").run(id);
}

/** Notes what a guitar hangs in now. */
export function setTuned(connection: Database, id: number, midi: readonly Midi[]): void {
  const guitar = listGuitars(connection).find((candidate) => candidate.id === id);
  if (guitar?.usualMidi.length !== midi.length) {
    throw new RangeError(`There is no guitar ${id} with ${midi.length} strings.`);
  }
  connection.prepare("UPDATE guitar SET tuned_midi = ? WHERE id = ?").run(JSON.stringify(midi), id);
}

/** An empty database gets one plain guitar for each usual number of strings, so that every tuning has a neck. */
export function addPlainGuitars(connection: Database): void {
  const isEmpty = connection.prepare("SELECT 1 FROM guitar LIMIT 1").get() === undefined;
  const fill = connection.transaction(() => {
    addGuitar(connection, { name: "Six strings", usualMidi: usualMidi(6), frets: 22 });
    addGuitar(connection, {
      name: "Seven strings",
      usualMidi: usualMidi(7),
      frets: 24,
      scaleMm: 673,
    });
    addGuitar(connection, {
      name: "Eight strings",
      usualMidi: usualMidi(8),
      frets: 24,
      scaleMm: 711,
    });
  });
  if (isEmpty) fill.immediate();
}

function toRow(guitar: NewGuitar) {
  const { name, frets, usualMidi: midi, capo = 0, leftHanded, bridge, strings } = guitar;
  const neck = makeNeck({ ...guitar, midi });
  if (!neck.ok) throw new RangeError(`${neck.problem.field}: ${neck.problem.message}`);
  const { scaleMm, trebleScaleMm, perpendicularFret, nutMm, bridgeMm } = neck.value;
  return {
    name,
    frets,
    scaleMm,
    trebleScaleMm,
    perpendicularFret,
    nutMm,
    bridgeMm,
    capo,
    usualMidi: JSON.stringify(midi),
    leftHanded: leftHanded ? 1 : 0,
    bridge: bridge ?? "fixed",
    strings: JSON.stringify(strings ?? []),
  };
}
