import { constants, copyFileSync, existsSync, renameSync } from "node:fs";
import Database from "better-sqlite3";
import { Refused } from "@/server/edge";
import { listCopies } from "./copies";
import { dataFile, dataFolder } from "./folder";
import { takeLock } from "./lock";
import { giveNewIdentity } from "./identity";
import { takeWhatIsThere } from "./served";

/** Puts a copy in the place of the data; what lay there is kept beside it. */
export function restoreCopy(name: string): void {
  const folder = dataFolder();
  const copy = listCopies(folder).find((each) => each.name === name);
  if (!copy) throw new Refused("copy", "There is no copy of that name.");
  replaceData(folder, (file) => copyFileSync(copy.path, file, constants.COPYFILE_EXCL));
}

/**
 * Moves a file of data, which lies in the same folder or below, in the place of those in a folder, which are kept beside
 * it. Throws `Refused` where another Tenon has them open.
 */
export function moveInPlace(path: string, folder: string): void {
  replaceData(folder, (file) => renameSync(path, file));
}

function replaceData(folder: string, put: (file: string) => void): void {
  if (folder === dataFolder()) takeWhatIsThere({ afresh: false });
  const lock = takeLock(folder, process.env.TENON_ADDRESS ?? "");
  if (!lock) throw new Refused("folder", "Another Tenon has this data open; close it first.");
  try {
    setAsideAndPut(folder, put);
  } finally {
    lock.release();
  }
}

function setAsideAndPut(folder: string, put: (file: string) => void): void {
  const file = dataFile(folder);
  const stamp = new Date().toISOString().replace(/[:.]/g, "-");
  for (const ending of ["", "-wal", "-shm"]) {
    if (existsSync(file + ending)) renameSync(file + ending, `${file}.aside-${stamp}${ending}`);
  }
  put(file);
  const connection = new Database(file);
  try {
    giveNewIdentity(connection);
  } finally {
    connection.close();
  }
}
