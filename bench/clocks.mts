import { spawnSync } from "node:child_process";
import { join } from "node:path";

/**
 * Runs the date-dependent tests under awkward dates and distant time zones, and prints one line per clock. With --all it
 * runs every journey, which takes a quarter of an hour per clock.
 */
const CLOCKS: readonly (readonly [name: string, clock: string, zone: string])[] = [
  ["the first of a month", "2026-11-01T09:00:00Z", "UTC"],
  ["the last of a month, a minute before midnight", "2026-01-31T23:59:00Z", "UTC"],
  ["29 February", "2028-02-29T12:00:00Z", "Europe/Berlin"],
  ["summer time begins", "2026-03-29T00:59:30Z", "Europe/Berlin"],
  ["summer time ends", "2026-10-25T00:30:00Z", "Europe/Berlin"],
  ["UTC-11, a minute before midnight", "2026-12-01T10:59:00Z", "Pacific/Pago_Pago"],
  ["UTC+14, just after midnight", "2026-12-31T10:01:00Z", "Pacific/Kiritimati"],
];
/** The unit tests and journeys that write, read or count dates. */
const UNITS = [
  "src/server",
  "src/state",
  "src/core/recall",
  "src/core/practice",
  "src/features/practice",
  "src/formats/csv",
];
const JOURNEYS = ["practice", "data", "windows"];

const journeys = process.argv.includes("--all")
  ? []
  : JOURNEYS.map((name) => `e2e/${name}.spec.ts`);
const preload = join(import.meta.dirname, "..", "scripts", "lib", "clock.cjs");
let failed = 0;
for (const [name, clock, zone] of CLOCKS) {
  const units = ran("jest", ["--maxWorkers=2", ...UNITS], clock, zone);
  const pages = ran("playwright", ["test", ...journeys], clock, zone);
  const isGood = units && pages;
  if (!isGood) failed += 1;
  console.log(`${isGood ? "passed" : "FAILED"}: ${name} (${clock}, ${zone})`);
}
console.log(`${CLOCKS.length - failed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

/** Runs a program and returns whether it succeeded; prints its output if it did not. */
function ran(program: string, args: readonly string[], clock: string, zone: string): boolean {
  const offMs = Date.parse(clock) - Date.now();
  const { status, stdout, stderr } = spawnSync(join("node_modules", ".bin", program), args, {
    encoding: "utf8",
    maxBuffer: 1 << 28,
    env: {
      ...process.env,
      TZ: zone,
      TENON_ZONE: zone,
      TENON_CLOCK: clock,
      TENON_CLOCK_MS: String(offMs),
      NODE_OPTIONS: `--require "${preload}"`,
      PLAYWRIGHT_JSON_OUTPUT_NAME: join("test-results", "clocks.json"),
    },
  });
  if (status !== 0) console.log(`${stdout}\n${stderr}`.slice(-6000));
  return status === 0;
}
