import { join } from "node:path";

/** Where the interface tests run; npm test finds a free port and a Chromium and says so here. */
export const PORT = Number(process.env.TENON_E2E_PORT ?? 4270);
export const CHROMIUM = process.env.TENON_CHROMIUM ?? "/usr/bin/chromium";
export const DATA_FOLDER = join(__dirname, "..", "test-results", "data");
