import { type LocalTime } from "@/state";

/** Now, as the clock on the wall has it. */
export function localTime(): LocalTime {
  const now = new Date();
  // Browsers count the other way round: from local time to universal. No zone gives 0 rather than -0.
  return { atMs: now.getTime(), zoneMin: 0 - now.getTimezoneOffset() };
}

const [MS_A_MINUTE, MS_A_DAY] = [60_000, 86_400_000];

/** Today as days since 1970, by the local calendar. */
export function localDayNumber({ atMs, zoneMin }: LocalTime = localTime()): number {
  return Math.floor((atMs + zoneMin * MS_A_MINUTE) / MS_A_DAY);
}

/** Whether a time lies on today's date where this browser is. */
export function isToday(atMs: number): boolean {
  return new Date(atMs).toDateString() === new Date().toDateString();
}

/** Days since 1970 of a date, "2026-12-24". */
export function dayNumberOf(date: string): number {
  return Date.parse(`${date}T00:00:00Z`) / MS_A_DAY;
}
