import { type TroubleKind } from "@/state";

/** The data cannot be opened, or are no longer what they were when they were. */
export class DataTrouble extends Error {
  constructor(
    readonly kind: TroubleKind,
    readonly folder: string,
    /** What else is known, such as the system's own words. */
    readonly detail = "",
  ) {
    super(`${kind}: ${folder}${detail && ` (${detail})`}`);
    this.name = "DataTrouble";
  }
}

/** Why something could not be saved although nothing was wrong with it; it may be sent again. */
export class NotSaved extends Error {
  constructor(
    readonly reason: "locked" | "full" | "read-only" | "fault",
    message: string,
    cause?: unknown,
  ) {
    super(message, { cause });
    this.name = "NotSaved";
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
