import { existsSync, statSync } from "node:fs";
import { ALL_KEEPERS } from "@/server/changes";
import { dataFile, listCopies, served } from "@/server/database";
import { unreadableRows } from "@/server/keeper";
import { listSetAside } from "@/server/setAside";
import { type DataFacts } from "@/state";

/** Where the data lie and how they are; null where they cannot be opened, which the frame of the page says. */
export function readDataFacts(): DataFacts | null {
  try {
    const { connection, folder } = served();
    const file = dataFile(folder);
    const unreadable = ALL_KEEPERS.flatMap((keeper) => unreadableRows(connection, keeper));
    const sizes = [file, `${file}-wal`].filter((path) => existsSync(path));
    return {
      file,
      bytes: sizes.reduce((sum, path) => sum + statSync(path).size, 0),
      copies: listCopies(folder).map(({ name, madeAt, reason }) => ({ name, madeAt, reason })),
      unreadable: unreadable.length + listSetAside(connection).length,
    };
  } catch (error) {
    console.error(error);
    return null;
  }
}
