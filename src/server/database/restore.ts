import { constants, copyFileSync, existsSync, renameSync } from "node:fs";
import { Refused } from "@/server/edge";
import { listCopies } from "./copies";
import { dataFile, dataFolder } from "./folder";
import { takeWhatIsThere } from "./served";

/** Puts a copy in the place of the data; what lay there is kept beside it. */
export function restoreCopy(name: string): void {
  const folder = dataFolder();
  const copy = listCopies(folder).find((each) => each.name === name);
  if (!copy) throw new Refused("copy", "There is no copy of that name.");
  takeWhatIsThere({ afresh: false });
  const file = dataFile(folder);
  const stamp = new Date().toISOString().replace(/[:.]/g, "-");
  for (const ending of ["", "-wal", "-shm"]) {
    if (existsSync(file + ending)) renameSync(file + ending, `${file}.aside-${stamp}${ending}`);
  }
  copyFileSync(copy.path, file, constants.COPYFILE_EXCL);
}
