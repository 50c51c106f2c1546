import { type Database } from "better-sqlite3";
import { closeIfDamaged, served, type Served } from "./served";
import { DataTrouble, isLocked, NotSaved, sqliteCode } from "./trouble";

/** How long a write is tried again while another process holds the lock, and how often. */
const [PATIENCE_MS, PAUSE_MS] = [4000, 80];

/**
 * Does work that writes. While another process holds the lock it is tried again, and everything else goes on; what
 * went into a file that is not there any more is not acknowledged. Throws `NotSaved`, `DataTrouble`, or what `work` throws.
 */
export async function write<T>(work: (connection: Database) => T): Promise<T> {
  const until = Date.now() + PATIENCE_MS;
  for (;;) {
    const { connection } = servedToWrite();
    try {
      const done = work(connection);
      // Deleted while it was being written: this throws.
      served();
      return done;
    } catch (error) {
      if (!isLocked(error) || Date.now() > until) throw notSavedError(error);
    }
    await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
  }
}

/** The data as this server has them open. Throws `NotSaved` where nothing can be saved, or `DataTrouble`. */
export function servedToWrite(): Served {
  const open = served();
  if (open.readOnly !== null) {
    throw new NotSaved("read-only", `${open.readOnly}: nothing can be saved.`);
  }
  return open;
}

/** Errors of the engine as the player should read them; the engine's own words go to the log. */
export function notSavedError(error: unknown): unknown {
  const code = sqliteCode(error);
  if (code === "" || error instanceof DataTrouble) return error;
  console.error(error);
  closeIfDamaged(error);
  if (isLocked(error)) {
    return new NotSaved("locked", "Another program holds the data file locked.", error);
  }
  if (code === "SQLITE_FULL") return new NotSaved("full", "The disk is full.", error);
  if (code.startsWith("SQLITE_READONLY")) {
    return new NotSaved("read-only", "The data file cannot be written.", error);
  }
  return new NotSaved("fault", "The data file could not be written.", error);
}
