-- Changes that can be counted: every row knows the revision that changed it last, what is deleted is only
-- marked, every change is recorded once, and JSON carries the version of its format.

-- Which data these are, and how many changes they have seen.
CREATE TABLE data (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  identity TEXT NOT NULL,
  revision INTEGER NOT NULL
) STRICT;

INSERT INTO data (id, identity, revision) VALUES (1, lower(hex(randomblob(16))), 0);

-- One player until there are more.
ALTER TABLE player RENAME TO only_player;
CREATE TABLE player (
  id INTEGER PRIMARY KEY,
  profile TEXT NOT NULL,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
INSERT INTO player (id, profile) SELECT id, profile FROM only_player;
INSERT INTO player (id, profile) VALUES (1, '{}') ON CONFLICT DO NOTHING;
DROP TABLE only_player;

CREATE TABLE choice (
  player_id INTEGER PRIMARY KEY REFERENCES player (id),
  content TEXT NOT NULL,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
INSERT INTO choice (player_id, content) SELECT id, choice FROM workspace;
DROP TABLE workspace;

ALTER TABLE guitar ADD COLUMN format INTEGER NOT NULL DEFAULT 1;
ALTER TABLE guitar ADD COLUMN revision INTEGER NOT NULL DEFAULT 0;
ALTER TABLE own_tuning ADD COLUMN format INTEGER NOT NULL DEFAULT 1;
ALTER TABLE own_tuning ADD COLUMN revision INTEGER NOT NULL DEFAULT 0;
ALTER TABLE comparison ADD COLUMN format INTEGER NOT NULL DEFAULT 1;
ALTER TABLE comparison ADD COLUMN revision INTEGER NOT NULL DEFAULT 0;

-- A grip that was unpinned stays, marked, and may be pinned again.
CREATE TABLE new_pin (
  id INTEGER PRIMARY KEY,
  guitar_id INTEGER NOT NULL REFERENCES guitar (id),
  tuning_midi TEXT NOT NULL,
  root TEXT NOT NULL,
  stack TEXT NOT NULL,
  least_notes INTEGER CHECK (least_notes BETWEEN 2 AND 10),
  fretting TEXT NOT NULL,
  fingers TEXT NOT NULL,
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at TEXT,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
INSERT INTO new_pin (id, guitar_id, tuning_midi, root, stack, least_notes, fretting, fingers, created_at)
  SELECT id, guitar_id, tuning_midi, root, stack, least_notes, fretting, fingers, created_at FROM pin;
DROP TABLE pin;
ALTER TABLE new_pin RENAME TO pin;
CREATE INDEX pin_by_guitar ON pin (guitar_id);

-- Positions are real numbers: what moves takes a place between its neighbours and leaves them alone.
CREATE TABLE new_own_stack (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  semitones TEXT NOT NULL,
  least_notes INTEGER CHECK (least_notes BETWEEN 2 AND 10),
  position REAL NOT NULL,
  deleted_at TEXT,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
INSERT INTO new_own_stack (id, name, semitones, least_notes, position, deleted_at)
  SELECT id, name, semitones, least_notes, position, deleted_at FROM own_stack;
DROP TABLE own_stack;
ALTER TABLE new_own_stack RENAME TO own_stack;

CREATE TABLE favourite (
  id INTEGER PRIMARY KEY,
  player_id INTEGER NOT NULL DEFAULT 1 REFERENCES player (id),
  midi TEXT NOT NULL,
  position REAL NOT NULL,
  deleted_at TEXT,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
INSERT INTO favourite (midi, position) SELECT midi, position FROM favourite_tuning ORDER BY position;
DROP TABLE favourite_tuning;

-- Every change by the name its page gave it, so that one sent twice counts once.
CREATE TABLE change (
  key TEXT PRIMARY KEY,
  player_id INTEGER NOT NULL REFERENCES player (id),
  revision INTEGER NOT NULL,
  made_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now'))
) STRICT, WITHOUT ROWID;
CREATE INDEX change_by_revision ON change (revision);

-- What this Tenon could not read, as it stood before it was written over.
CREATE TABLE set_aside (
  id INTEGER PRIMARY KEY,
  player_id INTEGER NOT NULL REFERENCES player (id),
  kind TEXT NOT NULL,
  content TEXT NOT NULL,
  set_aside_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now'))
) STRICT;
