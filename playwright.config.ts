import { defineConfig } from "@playwright/test";
import { fixClock } from "./e2e/clock";
import { CHROMIUM, dataFolderOf, PORT, PORTS } from "./e2e/settings";

fixClock();

/** Journeys through the real interface: a production build and Debian's Chromium. */
export default defineConfig({
  testDir: "e2e",
  outputDir: "test-results/playwright",
  // A worker's journeys share its server and data, which each test makes anew.
  workers: PORTS.length,
  fullyParallel: true,
  forbidOnly: true,
  retries: 0,
  // Shared machines stall for many seconds now and then; nothing here is a test of speed.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  reporter: [["list"], ["json"]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    actionTimeout: 60_000,
    // Recording every step costs a fifth of the processor's time.
    trace: process.env.TENON_TRACE ? "retain-on-failure" : "off",
    launchOptions: {
      executablePath: CHROMIUM,
      args: [
        "--no-sandbox",
        "--disable-quic",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--no-first-run",
      ],
    },
  },
  webServer: PORTS.map((port, worker) => ({
    command: `node node_modules/next/dist/bin/next start -H 127.0.0.1 -p ${port}`,
    url: `http://127.0.0.1:${port}`,
    env: { TENON_DATA: dataFolderOf(worker), NEXT_TELEMETRY_DISABLED: "1" },
    reuseExistingServer: false,
    timeout: 180_000,
  })),
});
