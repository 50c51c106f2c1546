import { accessSync, constants, copyFileSync, existsSync, mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { dataFile } from "./folder";

/** Why the data cannot be written; null where they can. */
export function whyReadOnly(folder: string): string | null {
  const file = dataFile(folder);
  if (!existsSync(file)) return null;
  for (const path of [folder, file]) {
    try {
      accessSync(path, constants.W_OK);
    } catch {
      return `${path} is read-only`;
    }
  }
  return null;
}

/** The engine cannot read its log in a folder that it cannot write to, so that a copy elsewhere is looked at. */
export function copyToLookAt(folder: string): string {
  const target = mkdtempSync(join(tmpdir(), "tenon-read-only-"));
  for (const ending of ["", "-wal"]) {
    const source = dataFile(folder) + ending;
    if (existsSync(source)) copyFileSync(source, dataFile(target) + ending);
  }
  return target;
}
