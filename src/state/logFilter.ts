import { type DrillKind } from "@/core/drill";

/** Which part of the log is looked at; null for all. */
export interface LogFilter {
  /** Dates on the wall, both included: "2026-03-29". */
  readonly from: string | null;
  readonly to: string | null;
  readonly kind: DrillKind | null;
  readonly drill: string | null;
  readonly songId: number | null;
}

export const WHOLE_LOG: LogFilter = { from: null, to: null, kind: null, drill: null, songId: null };
