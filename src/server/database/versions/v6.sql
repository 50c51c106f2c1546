-- The data file as version 6 of Tenon wrote it.
PRAGMA foreign_keys=OFF;
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
, capo INTEGER NOT NULL DEFAULT 0 CHECK (capo BETWEEN 0 AND 35), left_handed INTEGER NOT NULL DEFAULT 0 CHECK (left_handed IN (0, 1)), bridge TEXT NOT NULL DEFAULT 'fixed'
  CHECK (bridge IN ('fixed', 'floating', 'locking')), strings TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(strings)), tuned_midi TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(tuned_midi)), deleted_at TEXT, format INTEGER NOT NULL DEFAULT 1, revision INTEGER NOT NULL DEFAULT 0) STRICT;
INSERT INTO guitar VALUES(1,'Ash six','[40,45,50,55,59,64]',22,648.0,648.0,7.0,35.499999999999999999,52.0,1,0,0,'fixed','[{"diameterMm":1.1683999999999999,"wound":true,"unitMassGPerM":null,"tensionN":79},{"diameterMm":0.9143999999999999,"wound":true,"unitMassGPerM":null,"tensionN":87},{"diameterMm":0.6604,"wound":true,"unitMassGPerM":null,"tensionN":84},{"diameterMm":0.4318,"wound":false,"unitMassGPerM":null,"tensionN":null},{"diameterMm":0.3302,"wound":false,"unitMassGPerM":null,"tensionN":null},{"diameterMm":0.254,"wound":false,"unitMassGPerM":null,"tensionN":null}]','[38,45,50,55,59,64]',NULL,1,0);
INSERT INTO guitar VALUES(2,'Long seven','[35,40,45,50,55,59,64]',24,673.0,673.0,7.0,42.599999999999994316,62.400000000000005683,2,0,0,'floating','[]','[35,40,45,50,55,59,64]',NULL,1,0);
INSERT INTO guitar VALUES(3,'Baritone eight','[30,35,40,45,50,55,59,64]',24,711.0,660.0,8.0,49.699999999999995735,72.799999999999997156,3,0,0,'fixed','[]','[30,35,40,45,50,55,59,64]','2026-11-25T10:00:00.000Z',1,0);
CREATE TABLE own_tuning (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  midi TEXT NOT NULL CHECK (json_valid(midi)),
  deleted_at TEXT
, format INTEGER NOT NULL DEFAULT 1, revision INTEGER NOT NULL DEFAULT 0) STRICT;
INSERT INTO own_tuning VALUES(1,'Nine Below','[38,45,50,53,57,64]',NULL,1,0);
INSERT INTO own_tuning VALUES(2,'Old Bridge','[36,43,48,53,57,62]','2026-11-25T10:00:00.000Z',1,0);
INSERT INTO own_tuning VALUES(900001,'Of version five','[36,43,50,55,59,64]',NULL,1,1);
CREATE TABLE comparison (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  content TEXT NOT NULL CHECK (json_valid(content)),
  deleted_at TEXT
, format INTEGER NOT NULL DEFAULT 1, revision INTEGER NOT NULL DEFAULT 0) STRICT;
INSERT INTO comparison VALUES(1,'Quarry Lights, again','{"fiveStack":[0,7,12],"allAsFives":false,"leastNotes":4,"hold":"chord","shape":null,"weights":{"ease":1,"usual":1,"low":0,"clear":0,"ringing":0,"retuning":1},"minutesPerString":0.5,"columns":[{"guitarId":1,"midi":[40,45,50,55,59,64]},{"guitarId":1,"midi":[38,45,50,55,59,64]},{"guitarId":1,"midi":[38,45,50,54,57,62]},{"guitarId":2,"midi":[35,40,45,50,55,59,64]}],"chords":"D5 F5 C5 Bb5"}',NULL,1,4);
INSERT INTO comparison VALUES(2,'Paper Lantern, whole chords','{"fiveStack":[0,7,12],"allAsFives":false,"leastNotes":4,"hold":"chord","shape":null,"weights":{"ease":1,"usual":1,"low":0,"clear":0,"ringing":0,"retuning":1},"minutesPerString":0.5,"columns":[{"guitarId":1,"midi":[40,45,50,55,59,64]},{"guitarId":1,"midi":[38,45,50,55,59,64]}],"chords":"Dm Gsus4 Bb C/E"}','2026-11-25T10:00:00.000Z',1,0);
CREATE TABLE data (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  identity TEXT NOT NULL,
  revision INTEGER NOT NULL
) STRICT;
INSERT INTO data VALUES(1,'62ef2fcbc1a36d930a9bc23661f49629',9);
CREATE TABLE player (
  id INTEGER PRIMARY KEY,
  profile TEXT NOT NULL,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
INSERT INTO player VALUES(1,'{"spanMm":172,"without":["barre"],"fingertipMm":14,"school":"ring barre","accidentals":"flats","a4Hz":442,"naming":"shape","limits":{"slackShare":0.7,"stressShare":0.85,"strengthMpa":2200,"totalShare":0.2},"level":"fluent","withBass":true,"learnsFromPins":true,"pinsLearntAfter":1}',1,0);
CREATE TABLE choice (
  player_id INTEGER PRIMARY KEY REFERENCES player (id),
  content TEXT NOT NULL,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
INSERT INTO choice VALUES(1,'{"root":"C","stack":[0,7,12],"leastNotes":null,"labels":"degree","mapped":null,"naturals":false,"mapStrings":null,"spacing":"true","thickOnTop":false,"order":"usual","filter":{"bassString":null,"frets":null,"openStrings":"any","barre":"any","strumSafe":false,"comfortable":false,"mostFingers":null,"notes":null,"through":null},"stage":false,"chosen":null,"theme":"system","comparison":{"fiveStack":[0,7,12],"allAsFives":false,"leastNotes":4,"hold":"chord","shape":null,"weights":{"ease":1,"usual":1,"low":0,"clear":0,"ringing":0,"retuning":1},"minutesPerString":0.5,"columns":[{"guitarId":1,"midi":[40,45,50,55,59,64]},{"guitarId":1,"midi":[38,45,50,55,59,64]},{"guitarId":1,"midi":[38,45,50,54,57,62]},{"guitarId":2,"midi":[35,40,45,50,55,59,64]}],"chords":"D5 F5 C5 Bb5"},"hints":true,"hearing":{"gain":false,"loudness":0.5,"told":false},"guitarId":1,"tuningMidi":[38,45,50,55,59,64]}',1,0);
CREATE TABLE IF NOT EXISTS "pin" (
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
INSERT INTO pin VALUES(1,1,'[40,45,50,55,59,64]','G','[0,7,12]',NULL,'[3,5,5,null,null,null]','[1,3,4,0,0,0]','2026-11-26T13:07:14.406Z',NULL,1,0);
INSERT INTO pin VALUES(2,1,'[38,45,50,55,59,64]','F','[0,7,12]',NULL,'[3,3,3,null,null,null]','[1,1,1,0,0,0]','2026-11-26T13:07:14.406Z',NULL,1,0);
INSERT INTO pin VALUES(3,3,'[30,35,40,45,50,55,59,64]','A','[0,7]',NULL,'[5,7,null,null,null,null,null,null]','[1,3,0,0,0,0,0,0]','2026-11-25T10:00:00.000Z',NULL,1,0);
CREATE TABLE IF NOT EXISTS "own_stack" (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  semitones TEXT NOT NULL,
  least_notes INTEGER CHECK (least_notes BETWEEN 2 AND 10),
  position REAL NOT NULL,
  deleted_at TEXT,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
INSERT INTO own_stack VALUES(1,'Wide five','[0,7,19]',NULL,1.0,NULL,1,0);
INSERT INTO own_stack VALUES(2,'Big major','[0,4,7]',5,2.0,NULL,1,0);
INSERT INTO own_stack VALUES(3,'Gone five','[0,7]',NULL,3.0,'2026-11-25T10:00:00.000Z',1,0);
INSERT INTO own_stack VALUES(900002,'Gone stack','[0,5]',NULL,9.0,'2026-11-26T17:48:56.929Z',1,3);
CREATE TABLE favourite (
  id INTEGER PRIMARY KEY,
  player_id INTEGER NOT NULL DEFAULT 1 REFERENCES player (id),
  midi TEXT NOT NULL,
  position REAL NOT NULL,
  deleted_at TEXT,
  format INTEGER NOT NULL DEFAULT 1,
  revision INTEGER NOT NULL DEFAULT 0
) STRICT;
INSERT INTO favourite VALUES(1,1,'[38,45,50,55,59,64]',0.0,NULL,1,0);
INSERT INTO favourite VALUES(2,1,'[36,43,48,53,57,62]',1.0,NULL,1,0);
INSERT INTO favourite VALUES(3,1,'[38,45,50,55,57,62]',2.0,NULL,1,0);
INSERT INTO favourite VALUES(4,1,'[33,40,45,50,55,59,64]',3.0,NULL,1,0);
CREATE TABLE change (
  key TEXT PRIMARY KEY,
  player_id INTEGER NOT NULL REFERENCES player (id),
  revision INTEGER NOT NULL,
  made_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now'))
) STRICT, WITHOUT ROWID;
INSERT INTO change VALUES('v5-added-stack',1,2,'2026-11-26T17:48:56.929Z');
INSERT INTO change VALUES('v5-added-tuning',1,1,'2026-11-26T17:48:56.928Z');
INSERT INTO change VALUES('v5-deleted-stack',1,3,'2026-11-26T17:48:56.930Z');
INSERT INTO change VALUES('v5-renamed-it',1,4,'2026-11-26T17:48:56.932Z');
INSERT INTO change VALUES('version-six-1',1,5,'2026-11-26T21:53:20.319Z');
INSERT INTO change VALUES('version-six-2',1,6,'2026-11-26T21:53:20.329Z');
INSERT INTO change VALUES('version-six-3',1,7,'2026-11-26T21:53:20.338Z');
INSERT INTO change VALUES('version-six-4',1,8,'2026-11-26T21:53:20.346Z');
INSERT INTO change VALUES('version-six-5',1,9,'2026-11-26T21:53:20.347Z');
CREATE TABLE set_aside (
  id INTEGER PRIMARY KEY,
  player_id INTEGER NOT NULL REFERENCES player (id),
  kind TEXT NOT NULL,
  content TEXT NOT NULL,
  set_aside_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now'))
) STRICT;
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
INSERT INTO song VALUES(900101,1,'Of version six',replace('Tempo: 96\n[Verse]\n| D5 | F5 . G5 . | Bb5! |\n','\n',char(10)),1,'[38,45,50,55,59,64]','{"allAsFives":false,"leastNotes":4,"limits":{"frets":null,"rootStrings":null,"openStrings":"any","mostNotes":null,"fiveStack":[0,7,12],"withoutLowest":false},"sectionLimits":{},"marks":[{"act":"leave","chord":"D5","section":null,"at":null}],"way":"up the neck"}',0,'2026-11-26T21:53:20.319Z',NULL,1,5);
INSERT INTO song VALUES(900102,1,'Put away','| D5 |',1,'[38,45,50,55,59,64]','{"allAsFives":false,"leastNotes":4,"limits":{"frets":null,"rootStrings":null,"openStrings":"any","mostNotes":null,"fiveStack":[0,7,12],"withoutLowest":false},"sectionLimits":{},"marks":[{"act":"leave","chord":"D5","section":null,"at":null}],"way":"up the neck"}',1,'2026-11-26T21:53:20.328Z',NULL,1,7);
INSERT INTO song VALUES(900103,1,'Thrown out','| D5 |',1,'[38,45,50,55,59,64]','{"allAsFives":false,"leastNotes":4,"limits":{"frets":null,"rootStrings":null,"openStrings":"any","mostNotes":null,"fiveStack":[0,7,12],"withoutLowest":false},"sectionLimits":{},"marks":[{"act":"leave","chord":"D5","section":null,"at":null}],"way":"up the neck"}',0,'2026-11-26T21:53:20.346Z','2026-11-26T21:53:20.347Z',1,9);
CREATE INDEX pin_by_guitar ON pin (guitar_id);
CREATE INDEX change_by_revision ON change (revision);
COMMIT;
PRAGMA user_version = 6;
