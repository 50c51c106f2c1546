import { mkdtempSync, rmSync } from "node:fs";
import { join } from "node:path";
import { success, type Result } from "@/core/result";
import { dataFile, makeFolder, moveInPlace } from "@/server/database";
import { type Progress } from "./progress";
import { unpackBackup, type CheckedBackup } from "./unpackBackup";

/** Looks at all of a backup, and changes nothing. The problem says why it cannot be restored. */
export function checkBackup(
  path: string,
  folder: string,
  onProgress?: Progress,
): Promise<Result<CheckedBackup>> {
  return withUnpacked(path, folder, onProgress, () => undefined);
}

/**
 * Puts a backup in the place of the data in a folder; what lay there is kept beside it. Nothing is changed unless all of it
 * can be opened.
 */
export function restoreBackup(
  path: string,
  folder: string,
  onProgress?: Progress,
): Promise<Result<CheckedBackup>> {
  return withUnpacked(path, folder, onProgress, (unpacked) => moveInPlace(unpacked, folder));
}

async function withUnpacked(
  path: string,
  folder: string,
  onProgress: Progress | undefined,
  onChecked: (unpacked: string) => void,
): Promise<Result<CheckedBackup>> {
  // Beside the data, so that it can be moved in their place in one step.
  makeFolder(folder);
  const beside = mkdtempSync(join(folder, "tenon.restoring-"));
  try {
    const checked = await unpackBackup(path, beside, onProgress);
    if (checked.ok) onChecked(dataFile(beside));
    return checked.ok ? success(checked.value) : checked;
  } finally {
    rmSync(beside, { recursive: true, force: true });
  }
}
