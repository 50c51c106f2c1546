-- The whole rig: what a guitar is made of and hangs in now, the player's own tunings and favourites,
-- and the player. What is deleted is only marked, so that it can always be brought back.

ALTER TABLE guitar ADD COLUMN capo INTEGER NOT NULL DEFAULT 0 CHECK (capo BETWEEN 0 AND 35);
ALTER TABLE guitar ADD COLUMN left_handed INTEGER NOT NULL DEFAULT 0 CHECK (left_handed IN (0, 1));
ALTER TABLE guitar ADD COLUMN bridge TEXT NOT NULL DEFAULT 'fixed'
  CHECK (bridge IN ('fixed', 'floating', 'locking'));
ALTER TABLE guitar ADD COLUMN strings TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(strings));
ALTER TABLE guitar ADD COLUMN tuned_midi TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(tuned_midi));
ALTER TABLE guitar ADD COLUMN deleted_at TEXT;

UPDATE guitar SET tuned_midi = usual_midi;

CREATE TABLE own_tuning (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  midi TEXT NOT NULL CHECK (json_valid(midi)),
  deleted_at TEXT
) STRICT;

CREATE TABLE favourite_tuning (
  midi TEXT PRIMARY KEY CHECK (json_valid(midi)),
  position INTEGER NOT NULL
) STRICT;

CREATE TABLE player (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  profile TEXT NOT NULL CHECK (json_valid(profile))
) STRICT;
