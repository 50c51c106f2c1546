import { join } from "node:path";

/** Where the interface tests run; npm test finds free ports and a Chromium and says so here. */
export const PORTS = (process.env.TENON_E2E_PORTS ?? "4270,4271").split(",").map(Number);
export const CHROMIUM = process.env.TENON_CHROMIUM ?? "/usr/bin/chromium";

/** Each worker has a server and data of its own, so that journeys beside each other never meet. */
const WORKER = Number(process.env.TEST_PARALLEL_INDEX ?? 0);
export const PORT = PORTS[WORKER] ?? NaN;
/** Of a test's own server; a second one beside it takes the next. Each worker has room for several. */
export const OWN_PORT = PORT + 60 + 10 * WORKER;
export const DATA_FOLDER = dataFolderOf(WORKER);

export function dataFolderOf(worker: number): string {
  return join(__dirname, "..", "test-results", `data-${worker}`);
}
