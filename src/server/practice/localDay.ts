import { type LocalTime } from "@/state";

const MS_A_MINUTE = 60_000;
const MS_A_DAY = 86_400_000;

/** The date on the wall where and when something was: "2026-03-29". */
export function localDay({ atMs, zoneMin }: LocalTime): string {
  return new Date(atMs + zoneMin * MS_A_MINUTE).toISOString().slice(0, 10);
}

/** Days since 1970 of a date: "1970-01-02" is 1. */
export function dayNumber(date: string): number {
  return Date.parse(`${date}T00:00:00Z`) / MS_A_DAY;
}
