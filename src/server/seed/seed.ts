import { type Database } from "better-sqlite3";
import { MM_PER_INCH } from "@/core/measure";
import { UNKNOWN_STRING, type StringSpec } from "@/core/strings";
import { usualMidi } from "@/core/tuning";
import { changeChoice } from "@/server/choice";
import {
  comparisonKeeper,
  guitarKeeper,
  pinKeeper,
  voicingKeeper,
  favouriteKeeper,
  tuningKeeper,
} from "@/server/tables";
import { addKept } from "@/server/keeper";
import { addHistory } from "./history";
import { addSongs } from "./songs";
import {
  DEFAULT_CHOICE,
  DEFAULT_COMPARISON,
  neckOf,
  newGuitar,
  type Guitar,
  type KeptGuitar,
} from "@/state";

const DROP_D = [38, 45, 50, 55, 59, 64];
const STANDARD = usualMidi(6);

const DROP_C = [36, 43, 48, 53, 57, 62];
const OPEN_D = [38, 45, 50, 54, 57, 62];
const DADGAD = [38, 45, 50, 55, 57, 62];
const LONG_DROP = [33, 40, 45, 50, 55, 59, 64];

/** A made-up set: gauges in inches, wound strings with a made-up tension in N. */
const ASH_STRINGS: readonly StringSpec[] = [
  wound(0.046, 79),
  wound(0.036, 87),
  wound(0.026, 84),
  plain(0.017),
  plain(0.013),
  plain(0.01),
];

/**
 * Empties a database and fills it with invented guitars, tunings, pins and a last choice: other data than before. The
 * history of practice is the same whatever the day; only its dates follow it.
 */
export function seedDemo(connection: Database, nowMs: number = Date.now()): void {
  const fill = connection.transaction(() => {
    connection.exec(
      `DELETE FROM pin; DELETE FROM song; DELETE FROM round; DELETE FROM journal; DELETE FROM guitar; DELETE FROM choice; DELETE FROM own_tuning;
       DELETE FROM favourite; DELETE FROM own_stack; DELETE FROM comparison; DELETE FROM change;
       DELETE FROM set_aside; UPDATE player SET profile = '{}', format = 1, revision = 0;
       UPDATE data SET identity = lower(hex(randomblob(16))), revision = 0;`,
    );
    addRig(connection, nowMs);
  });
  fill.immediate();
}

function addRig(connection: Database, nowMs: number): void {
  const ash: KeptGuitar = {
    ...newGuitar(6, "Ash six"),
    frets: 22,
    strings: ASH_STRINGS,
    tunedMidi: DROP_D,
  };
  const ashId = addKept(connection, guitarKeeper, ash);
  const longId = addKept(connection, guitarKeeper, {
    ...newGuitar(7, "Long seven"),
    scaleMm: 673,
    trebleScaleMm: 673,
    bridge: "floating",
    tunedMidi: usualMidi(7),
  });
  addKept(connection, guitarKeeper, {
    ...newGuitar(8, "Baritone eight"),
    scaleMm: 711,
    trebleScaleMm: 660,
    perpendicularFret: 8,
    tunedMidi: usualMidi(8),
  });
  addKept(connection, pinKeeper, {
    guitarId: ashId,
    tuningMidi: STANDARD,
    root: "G",
    voicing: [0, 7, 12],
    minNotes: null,
    fretting: [3, 5, 5, null, null, null],
    fingers: [1, 3, 4, 0, 0, 0],
  });
  addKept(connection, pinKeeper, {
    guitarId: ashId,
    tuningMidi: DROP_D,
    root: "F",
    voicing: [0, 7, 12],
    minNotes: null,
    fretting: [3, 3, 3, null, null, null],
    fingers: [1, 1, 1, 0, 0, 0],
  });
  const wide = { name: "Wide power chord", voicing: [0, 7, 19], minNotes: null, position: 1 };
  addKept(connection, voicingKeeper, wide);
  addKept(connection, voicingKeeper, {
    ...wide,
    name: "Big major",
    voicing: [0, 4, 7],
    minNotes: 5,
    position: 2,
  });
  addKept(connection, tuningKeeper, { name: "Nine Below", midi: [38, 45, 50, 53, 57, 64] });
  for (const [position, midi] of [DROP_D, DROP_C, DADGAD, LONG_DROP].entries()) {
    addKept(connection, favouriteKeeper, { midi, position });
  }
  addComparisons(connection, { ...ash, id: ashId }, longId);
  const song = addSongs(connection, {
    sixId: ashId,
    sevenId: longId,
    standard: STANDARD,
    dropD: DROP_D,
    seven: usualMidi(7),
  });
  addHistory(connection, { guitarId: ashId, neck: neckOf(ash, DROP_D), song }, nowMs);
}

function addComparisons(connection: Database, ash: Guitar, longId: number): void {
  const quarryLights = {
    ...DEFAULT_COMPARISON,
    columns: [
      { guitarId: ash.id, midi: STANDARD },
      { guitarId: ash.id, midi: DROP_D },
      { guitarId: ash.id, midi: OPEN_D },
      { guitarId: longId, midi: usualMidi(7) },
    ],
    chords: "D5 F5 C5 Bb5",
  };
  const columns = quarryLights.columns.slice(0, 2);
  addKept(connection, comparisonKeeper, { name: "Quarry Lights", comparison: quarryLights });
  addKept(connection, comparisonKeeper, {
    name: "Paper Lantern, whole chords",
    comparison: { ...quarryLights, columns, chords: "Dm Gsus4 Bb C/E" },
  });
  const choice = {
    ...DEFAULT_CHOICE,
    guitarId: ash.id,
    tuningMidi: DROP_D,
    root: "C",
    comparison: quarryLights,
  };
  changeChoice(connection, choice, 0, ash);
}

function wound(inches: number, tensionN: number): StringSpec {
  return { ...UNKNOWN_STRING, diameterMm: inches * MM_PER_INCH, wound: true, tensionN };
}

function plain(inches: number): StringSpec {
  return { ...UNKNOWN_STRING, diameterMm: inches * MM_PER_INCH };
}
