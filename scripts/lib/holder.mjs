import { existsSync, readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { join } from "node:path";

/**
 * Where the server answers that has a data folder open; empty where it has not said, null where none has. The lock is
 * the one of src/server/database/lock.ts: a process that ends, however it ends, has let go of it.
 */
export function holderOf(folder) {
  const lock = join(folder, "tenon.lock");
  if (!existsSync(lock)) return null;
  // Loaded here, because the package is only there once everything is installed.
  const Database = createRequire(import.meta.url)("better-sqlite3");
  const connection = new Database(lock, { timeout: 0 });
  try {
    connection.exec("BEGIN EXCLUSIVE");
    return null;
  } catch (error) {
    if (!String(error.code).startsWith("SQLITE_BUSY")) return null;
    return addressIn(join(folder, "server.json"));
  } finally {
    connection.close();
  }
}

function addressIn(path) {
  try {
    return String(JSON.parse(readFileSync(path, "utf8")).address);
  } catch {
    return "";
  }
}
