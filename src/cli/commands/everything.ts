import { existsSync, mkdtempSync, renameSync, rmSync, statSync } from "node:fs";
import { dirname, join, resolve } from "node:path";
import Database from "better-sqlite3";
import { object, string } from "yup";
import { defineCommand } from "@/cli/command";
import { whyNoFile, whyNot } from "@/cli/files";
import { failure, success, type Result } from "@/core/result";
import { restoreBackup, writeBackup, writeJson } from "@/server/backup";
import { dataFile, dataFolder } from "@/server/database";
import { Refused } from "@/server/edge";

const WAIT_MS = 10_000;
const out = string().min(1).required("out: say the file to write");

export const exportCommand = defineCommand({
  name: "export",
  summary: "everything of a player as JSON: --out tenon.json",
  schema: object({ out }).noUnknown(),
  run: (args) => writeOut(args.out, writeJson),
  print: ({ path, bytes }) => `${path}: ${bytes} bytes`,
});

export const backupCommand = defineCommand({
  name: "backup",
  summary: "everything of a player in one file to restore: --out tenon.zip",
  schema: object({ out }).noUnknown(),
  run: (args) => writeOut(args.out, writeBackup),
  print: ({ path, bytes }) => `${path}: ${bytes} bytes`,
});

export const restoreCommand = defineCommand({
  name: "restore",
  summary: "puts a backup in the place of the data, which stay beside it: --in tenon.zip",
  schema: object({ in: string().min(1).required("in: say the backup to restore") }).noUnknown(),
  run: async ({ in: path }) => {
    const noFile = whyNoFile(path);
    if (noFile !== null) return failure("in", noFile);
    try {
      const restored = await restoreBackup(path, dataFolder());
      return restored.ok ? success({ restored: restored.value.counts, problems: [] }) : restored;
    } catch (error) {
      if (error instanceof Refused) return failure("in", error.message);
      throw error;
    }
  },
  print: ({ restored }) =>
    Object.entries(restored)
      .map(([name, count]) => `${name.padEnd(12)} ${count}`)
      .join("\n"),
});

/**
 * Writes from the data of the folder that TENON_DATA names, or ./data, whether or not Tenon runs on them; the file is there
 * whole or not at all.
 */
async function writeOut(
  path: string,
  write: typeof writeJson,
): Promise<Result<{ readonly path: string; readonly bytes: number }>> {
  const file = dataFile(dataFolder());
  if (!existsSync(file)) {
    return failure(
      "out",
      `there are no data in ${dataFolder()}; name their folder with TENON_DATA`,
    );
  }
  let folder: string | null = null;
  const connection = new Database(file, { fileMustExist: true, timeout: WAIT_MS });
  try {
    folder = mkdtempSync(join(dirname(resolve(path)), "tenon-part-"));
    const part = join(folder, "made");
    await write({ connection, path: part, folder, now: new Date() });
    renameSync(part, path);
    return success({ path, bytes: statSync(path).size });
  } catch (error) {
    if ((error as NodeJS.ErrnoException).syscall === undefined) throw error;
    return failure("out", `'${path}' cannot be written: ${whyNot(error)}`);
  } finally {
    connection.close();
    if (folder !== null) rmSync(folder, { recursive: true, force: true });
  }
}
