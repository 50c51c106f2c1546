import { chmodSync, existsSync, mkdirSync, readdirSync } from "node:fs";
import { join, resolve } from "node:path";

const FILE_NAME = "tenon.sqlite";
/** Readable by their owner only. */
const [FOLDER_MODE, FILE_MODE] = [0o700, 0o600];
/** What Tenon itself puts into its folder. A folder with anything else in it is somebody's, and keeps its mode. */
const OWN_NAMES = /^(tenon[.-]|server\.json$|copies$|demo)/;

/** Where the data are kept: the folder that TENON_DATA names, or ./data. */
export function dataFolder(): string {
  // The folder is only known at run time; the build need not trace it.
  return resolve(/* turbopackIgnore: true */ process.env.TENON_DATA ?? "data");
}

export function dataFile(folder: string): string {
  return join(folder, FILE_NAME);
}

/** Makes the folder if need be. Throws where it cannot be made. */
export function makeFolder(folder: string): void {
  mkdirSync(folder, { recursive: true, mode: FOLDER_MODE });
}

/** Closes the data to everybody but their owner. Where the system refuses, they stay as they are. */
export function protect(folder: string): void {
  const names = readdirSync(folder);
  if (names.every((name) => OWN_NAMES.test(name))) tryChmod(folder, FOLDER_MODE);
  const file = dataFile(folder);
  for (const path of [file, `${file}-wal`, `${file}-shm`]) {
    if (existsSync(path)) tryChmod(path, FILE_MODE);
  }
}

function tryChmod(path: string, mode: number): void {
  try {
    chmodSync(path, mode);
  } catch (error) {
    console.warn(`${path} could not be closed to others:`, error);
  }
}
