-- The log of practice: every round as it went, and what the player wrote about it. `day` is the date on the wall.
CREATE TABLE round (
  id INTEGER PRIMARY KEY,
  player_id INTEGER NOT NULL DEFAULT 1 REFERENCES player (id),
  at_ms INTEGER NOT NULL,
  zone_min INTEGER NOT NULL,
  day TEXT NOT NULL,
  drill TEXT NOT NULL,
  kind TEXT NOT NULL,
  name TEXT NOT NULL,
  result TEXT NOT NULL CHECK (result IN ('clean', 'rough', 'missed')),
  seconds REAL NOT NULL,
  guitar_id INTEGER REFERENCES guitar (id),
  tuning_midi TEXT NOT NULL,
  song_id INTEGER,
  bpm REAL,
  room_quarters REAL NOT NULL DEFAULT 0,
  step TEXT NOT NULL DEFAULT 'whole',
  median_ms REAL,
  spread_ms REAL,
  card TEXT,
  change TEXT,
  note TEXT NOT NULL DEFAULT '',
  -- Rounds that came in from one file, so that they can be taken back together.
  batch INTEGER,
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at TEXT,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
-- The views of the log are added up from these alone, without the rows; deleted_at is in them because SQLite looks it up
-- otherwise, though it is always null there.
CREATE INDEX round_by_time ON round (at_ms, id, deleted_at) WHERE deleted_at IS NULL;
CREATE INDEX round_by_day ON round (day, kind, result, seconds, deleted_at) WHERE deleted_at IS NULL;
CREATE INDEX round_by_result ON round (drill, kind, result, seconds, bpm, at_ms, day, deleted_at)
  WHERE deleted_at IS NULL;
CREATE INDEX round_by_drill ON round (drill, at_ms) WHERE deleted_at IS NULL;
CREATE INDEX round_by_song ON round (song_id, day, kind, result, seconds, drill, bpm, at_ms, id, deleted_at)
  WHERE deleted_at IS NULL AND song_id IS NOT NULL;
CREATE INDEX round_by_card ON round (card, at_ms, id, result, deleted_at)
  WHERE deleted_at IS NULL AND card IS NOT NULL;
CREATE INDEX round_by_change ON round (at_ms)
  WHERE deleted_at IS NULL AND change IS NOT NULL AND result <> 'rough';
CREATE INDEX round_by_revision ON round (revision);
CREATE INDEX round_by_batch ON round (batch) WHERE batch IS NOT NULL;

CREATE TABLE journal (
  id INTEGER PRIMARY KEY,
  player_id INTEGER NOT NULL DEFAULT 1 REFERENCES player (id),
  at_ms INTEGER NOT NULL,
  zone_min INTEGER NOT NULL,
  day TEXT NOT NULL,
  text TEXT NOT NULL,
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at TEXT,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
CREATE INDEX journal_by_time ON journal (at_ms) WHERE deleted_at IS NULL;
