import { spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, type Browser } from "@playwright/test";
import { openDatabase } from "@/server/database";
import { seedDemo } from "@/server/seed";

const PORT = 4280;
const ATTEMPTS = 100;
const PAUSE_MS = 200;

interface Demo {
  readonly browser: Browser;
  readonly address: string;
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
  const server = spawn("node_modules/.bin/next", ["start", "-H", "127.0.0.1", "-p", String(PORT)], {
    env: { ...process.env, TENON_DATA: folder },
    stdio: "ignore",
  });
  const browser = await chromium.launch({
    executablePath: process.env.TENON_CHROMIUM ?? "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-quic", "--disable-background-networking", "--no-first-run"],
  });
  try {
    const address = `http://127.0.0.1:${PORT}`;
    await untilItAnswers(address);
    await work({ browser, address, reset });
  } finally {
    await browser.close();
    server.kill();
    rmSync(folder, { recursive: true, force: true });
  }
}

async function untilItAnswers(address: string): Promise<void> {
  for (let attempt = 0; attempt < ATTEMPTS; attempt++) {
    try {
      await fetch(address);
      return;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
  }
  throw new Error("The server did not start; is there a build?");
}
