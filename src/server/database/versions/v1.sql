-- The data file as version 1 of Tenon wrote it.
BEGIN TRANSACTION;
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
INSERT INTO guitar VALUES(1,'Ash six','[40,45,50,55,59,64]',22,648.0,648.0,7.0,35.499999999999999999,52.0,1);
INSERT INTO guitar VALUES(2,'Long seven','[35,40,45,50,55,59,64]',24,673.0,673.0,7.0,42.599999999999994316,62.400000000000005683,2);
INSERT INTO guitar VALUES(3,'Baritone eight','[30,35,40,45,50,55,59,64]',24,711.0,660.0,8.0,49.699999999999995735,72.799999999999997156,3);
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
INSERT INTO pin VALUES(1,1,'[40,45,50,55,59,64]','G','[0,7,12]','[3,5,5,null,null,null]','[1,3,4,0,0,0]','2026-11-26T13:07:07.928Z');
INSERT INTO pin VALUES(2,1,'[38,45,50,55,59,64]','F','[0,7,12]','[3,3,3,null,null,null]','[1,1,1,0,0,0]','2026-11-26T13:07:07.928Z');
CREATE TABLE workspace (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  choice TEXT NOT NULL CHECK (json_valid(choice))
) STRICT;
INSERT INTO workspace VALUES(1,'{"guitarId":1,"tuningMidi":[38,45,50,55,59,64],"root":"C","stack":[0,7,12],"labels":"degree","theme":"system","chosen":null,"comparedMidi":[40,45,50,55,59,64]}');
COMMIT;
PRAGMA user_version = 1;
