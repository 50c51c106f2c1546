-- The player's own stacks and voicings, in their own order; and pins that came from free mode.

CREATE TABLE own_stack (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  semitones TEXT NOT NULL CHECK (json_valid(semitones)),
  least_notes INTEGER CHECK (least_notes BETWEEN 2 AND 10),
  position INTEGER NOT NULL,
  deleted_at TEXT
) STRICT;

ALTER TABLE pin ADD COLUMN least_notes INTEGER CHECK (least_notes BETWEEN 2 AND 10);
