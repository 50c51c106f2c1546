import { existsSync } from "node:fs";
import Database from "better-sqlite3";
import { object, string } from "yup";
import { defineCommand } from "@/cli/command";
import { readWhole, writeWhole } from "@/cli/files";
import { failure, success, type Result } from "@/core/result";
import { backupBytes, exportText, MAX_BACKUP_BYTES, restoreBackup } from "@/server/backup";
import { dataFile, dataFolder } from "@/server/database";
import { Refused } from "@/server/edge";

const WAIT_MS = 10_000;
const out = string().min(1).required("out: say the file to write");

export const exportCommand = defineCommand({
  name: "export",
  summary: "everything of a player as JSON: --out tenon.json",
  schema: object({ out }).noUnknown(),
  run: (args) =>
    withData((connection) => writeWhole(args.out, Buffer.from(exportText(connection, new Date())))),
  print: ({ path, bytes }) => `${path}: ${bytes} bytes`,
});

export const backupCommand = defineCommand({
  name: "backup",
  summary: "everything of a player in one file to restore: --out tenon.zip",
  schema: object({ out }).noUnknown(),
  run: (args) =>
    withData((connection) => writeWhole(args.out, backupBytes(connection, new Date()))),
  print: ({ path, bytes }) => `${path}: ${bytes} bytes`,
});

export const restoreCommand = defineCommand({
  name: "restore",
  summary: "puts a backup in the place of the data, which stay beside it: --in tenon.zip",
  schema: object({ in: string().min(1).required("in: say the backup to restore") }).noUnknown(),
  run: ({ in: path }) => {
    const bytes = readWhole(path, MAX_BACKUP_BYTES, "in");
    if (!bytes.ok) return bytes;
    try {
      const restored = restoreBackup(bytes.value, dataFolder());
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

/** Works on the data of the folder that TENON_DATA names, or ./data, whether or not Tenon runs on them. */
function withData<T>(work: (connection: Database.Database) => Result<T>): Result<T> {
  const file = dataFile(dataFolder());
  if (!existsSync(file)) {
    return failure(
      "out",
      `there are no data in ${dataFolder()}; name their folder with TENON_DATA`,
    );
  }
  const connection = new Database(file, { fileMustExist: true, timeout: WAIT_MS });
  try {
    return work(connection);
  } finally {
    connection.close();
  }
}
