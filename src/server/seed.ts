import { type Database } from "better-sqlite3";
import { MM_PER_INCH } from "@/core/measure";
import { UNKNOWN_STRING, usualMidi, type StringSpec } from "@/core/tuning";
import { FIRST_COMPARISON } from "@/formats/address";
import { addComparison } from "./comparisons";
import { addGuitar, setTuned } from "./guitars";
import { addPin } from "./pins";
import { addOwnStack } from "./stacks";
import { FIRST_CHOICE } from "./types";
import { addOwnTuning, saveFavourites } from "./tunings";
import { saveChoice } from "./workspace";

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

/** Fills an empty database with invented guitars, tunings, pins and a last choice. */
export function seedDemo(connection: Database): void {
  const fill = connection.transaction(() => {
    connection.exec(
      `DELETE FROM pin; DELETE FROM guitar; DELETE FROM workspace; DELETE FROM own_tuning;
       DELETE FROM favourite_tuning; DELETE FROM own_stack; DELETE FROM player; DELETE FROM comparison;`,
    );
    const ash = addGuitar(connection, {
      name: "Ash six",
      usualMidi: STANDARD,
      frets: 22,
      scaleMm: 648,
      strings: ASH_STRINGS,
    });
    setTuned(connection, ash, DROP_D);
    const long = addGuitar(connection, {
      name: "Long seven",
      usualMidi: usualMidi(7),
      frets: 24,
      scaleMm: 673,
      bridge: "floating",
    });
    addGuitar(connection, {
      name: "Baritone eight",
      usualMidi: usualMidi(8),
      frets: 24,
      scaleMm: 711,
      trebleScaleMm: 660,
      perpendicularFret: 8,
    });
    addPin(connection, {
      guitarId: ash,
      tuningMidi: STANDARD,
      root: "G",
      stack: [0, 7, 12],
      leastNotes: null,
      fretting: [3, 5, 5, null, null, null],
      fingers: [1, 3, 4, 0, 0, 0],
    });
    addPin(connection, {
      guitarId: ash,
      tuningMidi: DROP_D,
      root: "F",
      stack: [0, 7, 12],
      leastNotes: null,
      fretting: [3, 3, 3, null, null, null],
      fingers: [1, 1, 1, 0, 0, 0],
    });
    addOwnStack(connection, { name: "Wide five", stack: [0, 7, 19], leastNotes: null });
    addOwnStack(connection, { name: "Big major", stack: [0, 4, 7], leastNotes: 5 });
    addOwnTuning(connection, "Nine Below", [38, 45, 50, 53, 57, 64]);
    saveFavourites(connection, [DROP_D, DROP_C, DADGAD, LONG_DROP]);
    const quarryLights = {
      ...FIRST_COMPARISON,
      columns: [
        { guitarId: ash, midi: STANDARD },
        { guitarId: ash, midi: DROP_D },
        { guitarId: ash, midi: OPEN_D },
        { guitarId: long, midi: usualMidi(7) },
      ],
      chords: "D5 F5 C5 Bb5",
    };
    addComparison(connection, { name: "Quarry Lights", comparison: quarryLights });
    addComparison(connection, {
      name: "Paper Lantern, whole chords",
      comparison: {
        ...quarryLights,
        columns: quarryLights.columns.slice(0, 2),
        chords: "Dm Gsus4 Bb C/E",
      },
    });
    saveChoice(connection, {
      ...FIRST_CHOICE,
      guitarId: ash,
      tuningMidi: DROP_D,
      root: "C",
      comparison: quarryLights,
    });
  });
  fill.immediate();
}

function wound(inches: number, tensionN: number): StringSpec {
  return { ...UNKNOWN_STRING, diameterMm: inches * MM_PER_INCH, wound: true, tensionN };
}

function plain(inches: number): StringSpec {
  return { ...UNKNOWN_STRING, diameterMm: inches * MM_PER_INCH };
}
