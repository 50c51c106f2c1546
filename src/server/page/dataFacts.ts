import { existsSync, statSync } from "node:fs";
import { dataFile, goodCopies, migrationsFolder, newestVersion, served } from "@/server/database";
import { type DataFacts } from "@/wire";
import { offered } from "./offered";
import { readUnreadable } from "./unreadable";

/** Where the data lie and how they are; null where they cannot be opened, which the frame of the page says. */
export function readDataFacts(): DataFacts | null {
  try {
    const { connection, folder } = served();
    const file = dataFile(folder);
    const sizes = [file, `${file}-wal`].filter((path) => existsSync(path));
    return {
      file,
      bytes: sizes.reduce((sum, path) => sum + statSync(path).size, 0),
      copies: [...goodCopies(folder, newestVersion(migrationsFolder()))].map((copy) => ({
        ...offered(copy),
        reason: copy.reason,
      })),
      unreadable: readUnreadable(connection).length,
    };
  } catch (error) {
    console.error(error);
    return null;
  }
}
