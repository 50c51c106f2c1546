import { readColumn, whole, type Keeper } from "@/server/keeper";
import { type RoundContent } from "@/state";
import { ROUND_CHANGE_FORMAT, SHORT_TUNING_FORMAT } from "@/state/saved";
import { journalSchema, roundSchema } from "@/state/schema";
import { localDay } from "./localDay";

/** Rounds: never in the rig, read a part at a time. */
export const roundKeeper: Keeper<"round"> = {
  kind: "round",
  called: "round",
  schema: roundSchema as unknown as Keeper<"round">["schema"],
  select: `SELECT id, at_ms, zone_min, drill, kind, name, result, seconds, guitar_id, tuning_midi, song_id, bpm,
    room_quarters, step, median_ms, spread_ms, card, change, note, format, revision, deleted_at FROM round`,
  insert: `INSERT INTO round (id, at_ms, zone_min, day, drill, kind, name, result, seconds, guitar_id, tuning_midi,
    song_id, bpm, room_quarters, step, median_ms, spread_ms, card, change, note, format, revision)
    VALUES (@id, @atMs, @zoneMin, @day, @drill, @kind, @name, @result, @seconds, @guitarId, @tuningMidi, @songId, @bpm,
    @roomQuarters, @step, @medianMs, @spreadMs, @card, @change, @note, @format, @revision)`,
  update: `UPDATE round SET at_ms = @atMs, zone_min = @zoneMin, day = @day, drill = @drill, kind = @kind, name = @name,
    result = @result, seconds = @seconds, guitar_id = @guitarId, tuning_midi = @tuningMidi, song_id = @songId,
    bpm = @bpm, room_quarters = @roomQuarters, step = @step, median_ms = @medianMs, spread_ms = @spreadMs, card = @card,
    change = @change, note = @note, format = @format, revision = @revision WHERE id = @id`,
  mark: "UPDATE round SET deleted_at = @deletedAt, revision = @revision WHERE id = @id",
  suspect: `format > ${SHORT_TUNING_FORMAT.version} OR NOT json_valid(tuning_midi) OR json_type(tuning_midi) <> 'array'`,
  // Field by field, since copying all others at once takes ten times as long, and logs have very many rounds.
  toRow: (round) => ({
    atMs: round.atMs,
    zoneMin: round.zoneMin,
    day: localDay(round),
    drill: round.drill,
    kind: round.kind,
    name: round.name,
    result: round.result,
    seconds: round.seconds,
    guitarId: round.guitarId,
    tuningMidi: JSON.stringify(round.tuningMidi),
    songId: round.songId,
    bpm: round.bpm,
    roomQuarters: round.roomQuarters,
    step: round.step,
    medianMs: round.medianMs,
    spreadMs: round.spreadMs,
    card: round.card,
    change: round.change && JSON.stringify(round.change),
    note: round.note,
    format: SHORT_TUNING_FORMAT.version,
  }),
  fromRow: (row) => {
    const tuningMidi = readColumn(SHORT_TUNING_FORMAT, row.tuning_midi, row.format);
    if (!tuningMidi) return null;
    const change =
      row.change === null ? null : readColumn(ROUND_CHANGE_FORMAT, row.change, row.format);
    const optional = (value: unknown) => (value === null ? null : Number(value));
    return whole({
      atMs: Number(row.at_ms),
      zoneMin: Number(row.zone_min),
      drill: String(row.drill),
      kind: row.kind as RoundContent["kind"],
      name: String(row.name),
      result: row.result as RoundContent["result"],
      seconds: Number(row.seconds),
      guitarId: optional(row.guitar_id),
      tuningMidi,
      songId: optional(row.song_id),
      bpm: optional(row.bpm),
      roomQuarters: Number(row.room_quarters),
      step: row.step as RoundContent["step"],
      medianMs: optional(row.median_ms),
      spreadMs: optional(row.spread_ms),
      card: row.card === null ? null : String(row.card),
      change,
      note: String(row.note),
    });
  },
};

/** What the player wrote about a sitting. */
export const journalKeeper: Keeper<"journal"> = {
  kind: "journal",
  called: "note",
  schema: journalSchema,
  select: "SELECT id, at_ms, zone_min, text, format, revision, deleted_at FROM journal",
  insert: `INSERT INTO journal (id, at_ms, zone_min, day, text, revision)
    VALUES (@id, @atMs, @zoneMin, @day, @text, @revision)`,
  update: `UPDATE journal SET at_ms = @atMs, zone_min = @zoneMin, day = @day, text = @text, revision = @revision
    WHERE id = @id`,
  mark: "UPDATE journal SET deleted_at = @deletedAt, revision = @revision WHERE id = @id",
  toRow: (value) => ({ ...value, day: localDay(value) }),
  fromRow: ({ at_ms: atMs, zone_min: zoneMin, text }) =>
    whole({ atMs: Number(atMs), zoneMin: Number(zoneMin), text: String(text) }),
};
