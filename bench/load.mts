import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { startServer } from "../scripts/lib/startServer";
import { importRounds } from "../src/server/changes";
import { openDatabase } from "../src/server/database";
import { seedDemo } from "../src/server/seed";
import { duringLongWork } from "./load/duringLongWork";
import { fiftyClients } from "./load/fiftyClients";
import { largeFile } from "./load/largeFile";
import { manyRounds } from "./load/manyRounds";
import { soak } from "./load/soak";

/**
 * What the server does under load, on a log of 120,000 rounds: pages during a backup, 50 clients at once, memory over
 * 20,000 requests, and a file of 1 GB in pieces. Name parts to run them alone: during, clients, soak, large.
 */
const ROUNDS = 120_000;
const PORT = 4390;
const PARTS = { during: duringLongWork, clients: fiftyClients, soak, large: largeFile };

const names = process.argv.slice(2);
const root = process.env.TENON_BENCH_FOLDER ?? tmpdir();
const folder = mkdtempSync(join(root, "tenon-load-"));
try {
  const connection = openDatabase(folder);
  seedDemo(connection);
  importRounds(connection, manyRounds(ROUNDS), Date.now());
  connection.close();
  for (const [name, part] of Object.entries(PARTS)) {
    if (names.length > 0 && !names.includes(name)) continue;
    console.log(`\n== ${name}`);
    const server = await startServer({ folder, port: PORT });
    try {
      await part(server);
    } finally {
      await server.end("SIGTERM");
    }
  }
} finally {
  rmSync(folder, { recursive: true, force: true });
}
