import {
  accessSync,
  constants,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { dataFolder } from "./folder";

const PREFIX = "work-";

/** A folder for files that are being made or read. */
export interface WorkFolder {
  readonly path: string;
  readonly clear: () => void;
}

/**
 * Makes an empty folder beside the data, where there is room for files as large as they are; in the system's own place for
 * such files where the data folder may not be written.
 */
export function makeWorkFolder(): WorkFolder {
  const path = mkdtempSync(join(workParent(), PREFIX));
  return { path, clear: () => rmSync(path, { recursive: true, force: true }) };
}

/**
 * Clears away what a server that was killed left behind. Files that arrive in pieces stay: their pages go on with them
 * (src/server/uploads clears those away that nobody goes on with).
 */
export function clearWork(folder: string): void {
  const parent = workIn(folder);
  if (!existsSync(parent)) return;
  for (const name of readdirSync(parent)) {
    if (name.startsWith(PREFIX)) rmSync(join(parent, name), { recursive: true, force: true });
  }
}

/** Where such folders and files lie. */
export function workParent(): string {
  const folder = dataFolder();
  try {
    accessSync(folder, constants.W_OK);
    mkdirSync(workIn(folder), { recursive: true, mode: 0o700 });
    return workIn(folder);
  } catch {
    return tmpdir();
  }
}

function workIn(folder: string): string {
  return join(folder, "tenon.work");
}
