import { type Database } from "better-sqlite3";
import { readRig } from "./rig";
import { choiceSchema } from "./schemas";
import { type Choice, type Guitar, type Start } from "./types";
import { loadChoice } from "./workspace";

export function readStart(connection: Database): Start {
  const rig = readRig(connection);
  return { rig, choice: lastChoice(connection, rig.guitars) };
}

/** The saved choice where it still fits a guitar; else the first guitar as it hangs. */
function lastChoice(connection: Database, guitars: readonly [Guitar, ...Guitar[]]): Choice {
  const saved = loadChoice(connection);
  if (choiceSchema.isValidSync(saved, { strict: true })) {
    const guitar = guitars.find(({ id }) => id === saved.guitarId);
    if (guitar?.usualMidi.length === saved.tuningMidi.length) return saved;
  }
  const [first] = guitars;
  return {
    guitarId: first.id,
    tuningMidi: first.tunedMidi,
    root: "E",
    stack: [0, 7, 12],
    labels: "degree",
    theme: "system",
    chosen: null,
    comparedMidi: null,
  };
}
