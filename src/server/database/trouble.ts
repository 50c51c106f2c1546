import { WordedError } from "@/server/edge";
import { type TroubleKind } from "@/wire";

const UNAVAILABLE = 503;

/** The data cannot be opened, or are no longer what they were when they were. */
export class DataTrouble extends WordedError {
  constructor(
    readonly kind: TroubleKind,
    readonly folder: string,
    /** What else is known, such as the system's own words. */
    readonly detail = "",
  ) {
    super(UNAVAILABLE, kind, "The data folder cannot be used; reload to see why.");
  }
}

/** Why something could not be saved although nothing was wrong with it; it may be sent again. */
export class NotSaved extends WordedError {
  constructor(reason: "locked" | "full" | "read-only" | "fault", message: string, cause?: unknown) {
    super(UNAVAILABLE, reason, message, cause);
  }
}

/** The code of an error of the database engine, such as "SQLITE_BUSY"; empty for any other error. */
export function sqliteCode(error: unknown): string {
  if (typeof error !== "object" || error === null || !("code" in error)) return "";
  return String(error.code);
}

/** Whether the engine found that the file is not what it should be. */
export function isDamage(error: unknown): boolean {
  return /^SQLITE_(CORRUPT|NOTADB)/.test(sqliteCode(error));
}

/** Whether another process holds the file. */
export function isLocked(error: unknown): boolean {
  return /^SQLITE_(BUSY|LOCKED)/.test(sqliteCode(error));
}
