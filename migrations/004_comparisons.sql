-- Comparisons of tunings that the player keeps, each as it stands in the address.

CREATE TABLE comparison (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  content TEXT NOT NULL CHECK (json_valid(content)),
  deleted_at TEXT
) STRICT;
