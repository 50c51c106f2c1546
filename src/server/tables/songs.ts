import { readColumn, type Keeper } from "@/server/keeper";
import { MIDI_FORMAT, readSaved, SONG_FORMAT } from "@/state/saved";
import { songSchema } from "@/state/schema";

/** Songs: documents, of which lists show name and tuning. */
export const songKeeper: Keeper<"song"> = {
  kind: "song",
  called: "song",
  schema: songSchema as unknown as Keeper<"song">["schema"],
  select: `SELECT id, name, chart, guitar_id, tuning_midi, settings, archived, format, revision,
    deleted_at FROM song`,
  insert: `INSERT INTO song (id, name, chart, guitar_id, tuning_midi, settings, archived, format,
    revision) VALUES (@id, @name, @chart, @guitarId, @tuningMidi, @settings, @archived, @format,
    @revision)`,
  update: `UPDATE song SET name = @name, chart = @chart, guitar_id = @guitarId,
    tuning_midi = @tuningMidi, settings = @settings, archived = @archived, format = @format,
    revision = @revision WHERE id = @id`,
  mark: "UPDATE song SET deleted_at = @deletedAt, revision = @revision WHERE id = @id",
  toRow: ({ name, chart, guitarId, tuningMidi, settings, archived }) => ({
    name,
    chart,
    guitarId,
    tuningMidi: JSON.stringify(tuningMidi),
    settings: JSON.stringify(settings),
    archived: archived ? 1 : 0,
    format: SONG_FORMAT.version,
  }),
  fromRow: (row) => {
    const { name, chart, guitar_id: guitarId, tuning_midi: midi, settings, archived } = row;
    const tuningMidi = readColumn(MIDI_FORMAT, midi, MIDI_FORMAT.version);
    const read = readSaved(SONG_FORMAT, String(settings), Number(row.format));
    if (!tuningMidi || !read) return null;
    return {
      value: {
        name: String(name),
        chart: String(chart),
        guitarId: Number(guitarId),
        tuningMidi,
        settings: read.value,
        archived: archived === 1,
      },
      replaced: read.replaced,
    };
  },
  listed: ({ name, tuningMidi, archived }) => ({ name, tuningMidi, archived }),
};
