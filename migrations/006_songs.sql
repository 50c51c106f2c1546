-- Songs: the text of each chart as it was typed, and how the player wants it played.
CREATE TABLE song (
  id INTEGER PRIMARY KEY,
  player_id INTEGER NOT NULL DEFAULT 1 REFERENCES player (id),
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  chart TEXT NOT NULL,
  guitar_id INTEGER NOT NULL REFERENCES guitar (id),
  tuning_midi TEXT NOT NULL,
  settings TEXT NOT NULL,
  archived INTEGER NOT NULL DEFAULT 0 CHECK (archived IN (0, 1)),
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at TEXT,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
