import { type Database } from "better-sqlite3";
import { usualMidi } from "@/core/tuning";
import { addKept, firstKept } from "@/server/keeper";
import { newGuitar, type GuitarContent } from "@/state";
import { guitarKeeper } from "./guitars";

/** One plain guitar for each usual number of strings, so that every tuning has a neck. */
const PLAIN: readonly GuitarContent[] = [
  { ...newGuitar(6, "Six strings"), frets: 22 },
  { ...newGuitar(7, "Seven strings"), frets: 24, scaleMm: 673, trebleScaleMm: 673 },
  { ...newGuitar(8, "Eight strings"), frets: 24, scaleMm: 711, trebleScaleMm: 711 },
];

/** Every page needs a guitar: where none is left that can be read, plain ones are made. */
export function ensureGuitars(connection: Database): void {
  const isThere = () => firstKept(connection, guitarKeeper) !== undefined;
  if (isThere()) return;
  const fill = connection.transaction(() => {
    if (isThere()) return;
    for (const guitar of PLAIN) {
      const tunedMidi = usualMidi(guitar.usualMidi.length);
      addKept(connection, guitarKeeper, { ...guitar, tunedMidi });
    }
  });
  fill.immediate();
}
