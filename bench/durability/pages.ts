import { closeSync, copyFileSync, mkdirSync, openSync, rmSync, statSync, writeSync } from "node:fs";
import { join } from "node:path";
import Database from "better-sqlite3";
import { importRounds } from "../../src/server/changes";
import { dataFile, DataTrouble, findDamage, openDatabase } from "../../src/server/database";
import { seedDemo } from "../../src/server/seed";
import { manyRounds } from "../load/manyRounds";
import { type Trial } from "./trial";

const [PAGE_BYTES, FEW_BYTES] = [4096, 16];
const ROUNDS = 3000;

/** How a damaged page was found, or what came of it where it was not. */
type Found =
  "at the start" | "by the check of the whole" | "no: nothing differs" | "no: text differs";

/**
 * One page of the data, each time another, with noise all over it or in sixteen bytes. Where all of it is noise, that must be
 * found when the data are opened, or by the check that follows. Of some bytes, only those are found that are not within a
 * text or a number: the engine keeps no sums.
 */
export async function pages({ checks, folder, random }: Trial, times: number): Promise<void> {
  const sound = join(folder, "sound");
  const connection = openDatabase(sound);
  seedDemo(connection);
  importRounds(connection, manyRounds(ROUNDS), Date.now());
  connection.pragma("journal_mode = DELETE");
  connection.close();
  const expected = contentsOf(dataFile(sound));
  const count = statSync(dataFile(sound)).size / PAGE_BYTES;
  for (const bytes of [PAGE_BYTES, FEW_BYTES]) {
    const found = new Map<Found, number>();
    for (let time = 0; time < times; time++) {
      const damaged = join(folder, `damaged-${bytes}-${time}`);
      mkdirSync(damaged);
      copyFileSync(dataFile(sound), dataFile(damaged));
      const within = Math.floor(random() * (PAGE_BYTES - bytes + 1));
      spoil(dataFile(damaged), Math.floor(random() * count) * PAGE_BYTES + within, bytes, random);
      const how = await whatIsFound(damaged, expected);
      found.set(how, (found.get(how) ?? 0) + 1);
      rmSync(damaged, { recursive: true });
    }
    const told = [...found].map(([how, many]) => `found ${how}: ${many}`).join(", ");
    checks.say(`pages: ${bytes} bytes of noise in one, ${times} times: ${told}`);
    if (bytes === FEW_BYTES) continue;
    const unfound = found.get("no: text differs") ?? 0;
    checks.equal("damaged pages that are served as if nothing were wrong", unfound, 0);
  }
}

function spoil(file: string, at: number, bytes: number, random: () => number): void {
  const noise = Uint8Array.from({ length: bytes }, () => Math.floor(random() * 256));
  const handle = openSync(file, "r+");
  writeSync(handle, noise, 0, bytes, at);
  closeSync(handle);
}

async function whatIsFound(folder: string, expected: string): Promise<Found> {
  try {
    openDatabase(folder).close();
  } catch (error) {
    if (error instanceof DataTrouble) return "at the start";
    throw error;
  }
  if ((await findDamage(dataFile(folder))) !== null) return "by the check of the whole";
  return contentsOf(dataFile(folder)) === expected ? "no: nothing differs" : "no: text differs";
}

/** Every row of every table. */
function contentsOf(file: string): string {
  const connection = new Database(file, { readonly: true });
  try {
    const tables = connection
      .prepare<[], string>("SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name")
      .pluck()
      .all();
    return JSON.stringify(
      tables.map((table) => connection.prepare(`SELECT * FROM "${table}" ORDER BY 1`).raw().all()),
    );
  } finally {
    connection.close();
  }
}
