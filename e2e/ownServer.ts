import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { openDatabase } from "@/server/database";
import { seedDemo } from "@/server/seed";
import { startServer, type Server } from "../scripts/lib/startServer";
import { OWN_PORT } from "./settings";

/** A server of one test's own, which it may kill and start again in its place. */
export interface OwnServer {
  readonly address: string;
  readonly folder: string;
  readonly now: () => Server;
  /** Ends it as a power cut does. */
  readonly kill: () => Promise<void>;
  readonly startAgain: () => Promise<void>;
}

/** Lends a server on fresh demo data of its own, and clears all of it away. */
export async function withOwnServer(work: (server: OwnServer) => Promise<void>): Promise<void> {
  const folder = join(mkdtempSync(join(tmpdir(), "tenon-own-")), "data");
  const connection = openDatabase(folder);
  seedDemo(connection);
  connection.close();
  const start = () => startServer({ folder, port: OWN_PORT });
  let server = await start();
  try {
    await work({
      address: server.address,
      folder,
      now: () => server,
      kill: () => server.kill(),
      startAgain: async () => {
        server = await start();
      },
    });
  } finally {
    server.thaw();
    await server.kill();
    rmSync(join(folder, ".."), { recursive: true, force: true });
  }
}
