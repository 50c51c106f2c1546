-- Guitars, pinned fingerings, and the one row that remembers where the player was.
-- Pitches and frets are JSON arrays, thickest string first, as everywhere in the core.

CREATE TABLE guitar (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  usual_midi TEXT NOT NULL CHECK (json_valid(usual_midi)),
  frets INTEGER NOT NULL CHECK (frets BETWEEN 12 AND 36),
  scale_mm REAL NOT NULL,
  treble_scale_mm REAL NOT NULL,
  perpendicular_fret REAL NOT NULL,
  nut_mm REAL NOT NULL,
  bridge_mm REAL NOT NULL,
  position INTEGER NOT NULL
) STRICT;

CREATE TABLE pin (
  id INTEGER PRIMARY KEY,
  guitar_id INTEGER NOT NULL REFERENCES guitar (id) ON DELETE CASCADE,
  tuning_midi TEXT NOT NULL CHECK (json_valid(tuning_midi)),
  root TEXT NOT NULL,
  stack TEXT NOT NULL CHECK (json_valid(stack)),
  fretting TEXT NOT NULL CHECK (json_valid(fretting)),
  fingers TEXT NOT NULL CHECK (json_valid(fingers)),
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  UNIQUE (guitar_id, tuning_midi, root, stack, fretting, fingers)
) STRICT;

CREATE TABLE workspace (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  choice TEXT NOT NULL CHECK (json_valid(choice))
) STRICT;
