import { type Database } from "better-sqlite3";
import { addGuitar } from "./guitars";
import { addPin } from "./pins";
import { saveChoice } from "./workspace";
import { usualMidi } from "@/core/tuning";

const DROP_D = [38, 45, 50, 55, 59, 64];
const STANDARD = usualMidi(6);

/** Fills an empty database with invented guitars, pins and a last choice. */
export function seedDemo(connection: Database): void {
  const fill = connection.transaction(() => {
    connection.exec("DELETE FROM pin; DELETE FROM guitar; DELETE FROM workspace;");
    const ash = addGuitar(connection, {
      name: "Ash six",
      usualMidi: STANDARD,
      frets: 22,
      scaleMm: 648,
    });
    addGuitar(connection, { name: "Long seven", usualMidi: usualMidi(7), frets: 24, scaleMm: 673 });
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
      fretting: [3, 5, 5, null, null, null],
      fingers: [1, 3, 4, 0, 0, 0],
    });
    addPin(connection, {
      guitarId: ash,
      tuningMidi: DROP_D,
      root: "F",
      stack: [0, 7, 12],
      fretting: [3, 3, 3, null, null, null],
      fingers: [1, 1, 1, 0, 0, 0],
    });
    saveChoice(connection, {
      guitarId: ash,
      tuningMidi: DROP_D,
      root: "C",
      stack: [0, 7, 12],
      labels: "degree",
      theme: "system",
      chosen: null,
      comparedMidi: STANDARD,
    });
  });
  fill.immediate();
}
