import { type LocalTime } from "@/state";

const MS_A_MINUTE = 60_000;

/** The date on the wall where and when something was: "2026-03-29". */
export function localDay({ atMs, zoneMin }: LocalTime): string {
  return new Date(atMs + zoneMin * MS_A_MINUTE).toISOString().slice(0, 10);
}
