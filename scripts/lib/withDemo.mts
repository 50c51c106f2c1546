import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, type Browser } from "@playwright/test";
import { openDatabase } from "@/server/database";
import { seedDemo } from "@/server/seed";
import { startServer } from "./startServer";

const PORT = 4280;

interface Demo {
  readonly browser: Browser;
  readonly address: string;
  /** Of the data. */
  readonly folder: string;
  /** Resets the demo data. */
  readonly reset: () => void;
}

/** Serves the build on fresh demo data, opens a browser, does the work, and clears all of it away. */
export async function withDemo(work: (demo: Demo) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), "tenon-demo-"));
  const reset = () => {
    const connection = openDatabase(folder);
    seedDemo(connection);
    connection.close();
  };
  reset();
  const server = await startServer({ folder, port: PORT });
  const browser = await chromium.launch({
    executablePath: process.env.TENON_CHROMIUM ?? "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-quic", "--disable-background-networking", "--no-first-run"],
  });
  try {
    await work({ browser, address: server.address, folder, reset });
  } finally {
    await browser.close();
    await server.end("SIGTERM");
    rmSync(folder, { recursive: true, force: true });
  }
}
