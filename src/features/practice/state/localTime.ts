import { type LocalTime } from "@/state";

/** Now, as the clock on the wall has it. */
export function localTime(): LocalTime {
  const now = new Date();
  // Browsers count the other way round: from local time to universal. No zone gives 0 rather than -0.
  return { atMs: now.getTime(), zoneMin: 0 - now.getTimezoneOffset() };
}
