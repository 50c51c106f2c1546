import { type Database } from "better-sqlite3";
import { makeNeck, type NeckMeasures } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { usualMidi } from "@/core/tuning";
import { type Guitar } from "./types";

interface GuitarRow {
  readonly id: number;
  readonly name: string;
  readonly usual_midi: string;
  readonly frets: number;
  readonly scale_mm: number;
  readonly treble_scale_mm: number;
  readonly perpendicular_fret: number;
  readonly nut_mm: number;
  readonly bridge_mm: number;
}

const SELECT_ALL = `SELECT id, name, usual_midi, frets, scale_mm, treble_scale_mm,
  perpendicular_fret, nut_mm, bridge_mm FROM guitar ORDER BY position, id`;

const INSERT = `INSERT INTO guitar (name, usual_midi, frets, scale_mm, treble_scale_mm,
    perpendicular_fret, nut_mm, bridge_mm, position)
  VALUES (@name, @usualMidi, @frets, @scaleMm, @trebleScaleMm,
    @perpendicularFret, @nutMm, @bridgeMm,
    (SELECT coalesce(max(position), 0) + 1 FROM guitar))`;

export function listGuitars(connection: Database): readonly Guitar[] {
  return (connection.prepare(SELECT_ALL).all() as GuitarRow[]).map((row) => ({
    id: row.id,
    name: row.name,
    usualMidi: JSON.parse(row.usual_midi) as number[],
    frets: row.frets,
    scaleMm: row.scale_mm,
    trebleScaleMm: row.treble_scale_mm,
    perpendicularFret: row.perpendicular_fret,
    nutMm: row.nut_mm,
    bridgeMm: row.bridge_mm,
  }));
}

/** What is known of a new guitar; widths and scales not told are those of a common electric one. */
export interface NewGuitar extends Partial<Omit<NeckMeasures, "capo">> {
  readonly name: string;
  readonly usualMidi: readonly Midi[];
  readonly frets: number;
}

/** Adds a guitar at the end of the list and returns its id. Throws where the core refuses its neck. */
export function addGuitar(connection: Database, guitar: NewGuitar): number {
  const { name, usualMidi: midi, ...measures } = guitar;
  const neck = makeNeck({ ...measures, midi });
  if (!neck.ok) throw new RangeError(`${neck.problem.field}: ${neck.problem.message}`);
  const { scaleMm, trebleScaleMm, perpendicularFret, nutMm, bridgeMm, frets } = neck.value;
  const result = connection.prepare(INSERT).run({
    name,
    usualMidi: JSON.stringify(midi),
    frets,
    scaleMm,
    trebleScaleMm,
    perpendicularFret,
    nutMm,
    bridgeMm,
  });
  return Number(result.lastInsertRowid);
}

/** An empty database gets one plain guitar for each usual number of strings, so that every tuning has a neck. */
export function addPlainGuitars(connection: Database): void {
  const fill = connection.transaction(() => {
    if (listGuitars(connection).length > 0) return;
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
  fill.immediate();
}
