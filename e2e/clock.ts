import { join } from "node:path";
import { type BrowserContext } from "@playwright/test";
import { moveClock } from "../scripts/lib/clock.cjs";

/**
 * Starts every journey at the same time in the same zone, so that no result depends on the day it runs. TENON_CLOCK and
 * TENON_ZONE choose another start (npm run bench -- clocks).
 */
const FIXED_CLOCK = "2026-03-10T17:20:00Z";
const FIXED_ZONE = "UTC";
const PRELOAD = join(__dirname, "..", "scripts", "lib", "clock.cjs");

/** Shifts the clock of this process and of every server that it starts. */
export function fixClock(): void {
  const { env } = process;
  env.TZ = env.TENON_ZONE ?? FIXED_ZONE;
  env.TENON_CLOCK_MS ??= String(Date.parse(env.TENON_CLOCK ?? FIXED_CLOCK) - Date.now());
  if (!env.NODE_OPTIONS?.includes(PRELOAD)) {
    env.NODE_OPTIONS = `${env.NODE_OPTIONS ?? ""} --require "${PRELOAD}"`.trim();
  }
  moveClock(globalThis, Number(env.TENON_CLOCK_MS));
}

/** Shifts the clock of every page in a browser context. */
export async function fixClockOf(context: BrowserContext): Promise<void> {
  const offMs = Number(process.env.TENON_CLOCK_MS ?? 0);
  await context.addInitScript(`(${moveClock.toString()})(globalThis, ${offMs})`);
}
