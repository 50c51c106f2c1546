import { join } from "node:path";
import { type BrowserContext } from "@playwright/test";
import { moveClock } from "../scripts/lib/clock.cjs";

/**
 * Journeys begin at the same moment in the same zone, whenever and wherever they run: what depends on the day is met every time
 * or never. TENON_CLOCK and TENON_ZONE choose another (npm run bench -- clocks).
 */
const FIXED_CLOCK = "2026-03-10T17:20:00Z";
const FIXED_ZONE = "UTC";
const PRELOAD = join(__dirname, "..", "scripts", "lib", "clock.cjs");

/** Moves the clocks of this process and of every server that it starts. */
export function fixClock(): void {
  const { env } = process;
  env.TZ = env.TENON_ZONE ?? FIXED_ZONE;
  env.TENON_CLOCK_MS ??= String(Date.parse(env.TENON_CLOCK ?? FIXED_CLOCK) - Date.now());
  if (!env.NODE_OPTIONS?.includes(PRELOAD)) {
    env.NODE_OPTIONS = `${env.NODE_OPTIONS ?? ""} --require "${PRELOAD}"`.trim();
  }
  moveClock(globalThis, Number(env.TENON_CLOCK_MS));
}

/** Moves the clocks of a browser's pages. */
export async function fixClockOf(context: BrowserContext): Promise<void> {
  const offMs = Number(process.env.TENON_CLOCK_MS ?? 0);
  await context.addInitScript(`(${moveClock.toString()})(globalThis, ${offMs})`);
}
