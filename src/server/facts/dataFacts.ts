import { existsSync, statSync } from "node:fs";
import { dirname } from "node:path";
import { type Database } from "better-sqlite3";
import { goodCopies, migrationsFolder, newestVersion } from "@/server/database";
import { type DataFacts } from "@/wire";
import { offered } from "./offered";
import { readUnreadable } from "./unreadable";

/** Where the data lie and how they are. Every copy is opened and looked through. */
export function readDataFacts(connection: Database, file: string): DataFacts {
  const sizes = [file, `${file}-wal`].filter((path) => existsSync(path));
  const copies = [...goodCopies(dirname(file), newestVersion(migrationsFolder()))];
  return {
    file,
    bytes: sizes.reduce((sum, path) => sum + statSync(path).size, 0),
    copies: copies.map((copy) => ({ ...offered(copy), reason: copy.reason })),
    unreadable: readUnreadable(connection).length,
  };
}
