import { existsSync } from "node:fs";
import { createConnection } from "node:net";
import { spawnSync } from "node:child_process";
import { bin, must, run } from "./run.mjs";
import { digest, whenStale } from "./stamp.mjs";

const APP_SOURCES = [
  "src",
  "package-lock.json",
  "next.config.ts",
  "postcss.config.mjs",
  "tsconfig.json",
];
const BUNDLES = [
  ["src/cli/main.ts", "dist/tenon.mjs"],
  ["src/server/jobs/process.ts", "dist/jobs.mjs"],
];
const BUNDLE_SOURCES = [
  "src/core",
  "src/state",
  "src/formats",
  "src/wire",
  "src/server",
  "src/cli",
  "package-lock.json",
];
/** Packages that bundles take from node_modules, because they are no modules of their own kind. */
const PLAIN_PACKAGES = ["pdfkit", "better-sqlite3", "yauzl", "yazl"];
const BUILD_LETTERS = 16;
const CHROMIUM = "/usr/bin/chromium";
const FIRST_PORT = 4170;
const PORTS_TRIED = 50;

/** Installs the packages of the lock file, once for each lock file. */
export function ensureInstalled() {
  whenStale("node_modules/.tenon-installed", digest(["package-lock.json"]), () => {
    console.error("Installing packages (a few minutes the first time)...");
    must("npm ci", "npm", ["ci", "--no-audit", "--no-fund"]);
  });
}

/** Builds the application, and what its server runs in other processes, where the sources have changed since the last build. */
export function ensureBuilt() {
  ensureBundles();
  const sources = digest(APP_SOURCES);
  whenStale(".next/tenon-built", sources, () => {
    console.error("Building Tenon...");
    // Pages tell by it that the server they ask is another one than made them.
    const env = { TENON_BUILD: sources.slice(0, BUILD_LETTERS) };
    must("The build", bin("next"), ["build"], { env });
  });
}

/** Bundles the command line, and the jobs that the server runs in processes of their own, where their sources have changed. */
export function ensureBundles() {
  whenStale("dist/tenon.stamp", digest(BUNDLE_SOURCES), () => {
    const options = ["--bundle", "--platform=node", "--format=esm", "--target=node20"];
    for (const [source, bundle] of BUNDLES) {
      must(`Bundling ${source}`, bin("esbuild"), [
        source,
        ...options,
        ...PLAIN_PACKAGES.map((name) => `--external:${name}`),
        `--outfile=${bundle}`,
        "--banner:js=#!/usr/bin/env node",
        "--log-level=warning",
      ]);
    }
  });
}

/** Makes the demo data in a folder, from nothing. */
export function seed(folder) {
  must("Making the demo data", bin("tsx"), ["scripts/seed.ts", folder]);
}

/** The path of a Chromium for the interface tests; installs Debian's where that is allowed. */
export function ensureChromium() {
  const wanted = process.env.TENON_CHROMIUM ?? CHROMIUM;
  if (existsSync(wanted)) return wanted;
  const isRoot = process.getuid?.() === 0;
  if (!isRoot || spawnSync("apt-get", ["--version"]).status !== 0) {
    console.error(
      `There is no Chromium at ${wanted}, and it cannot be installed from here. Install Debian's package 'chromium', or name another with TENON_CHROMIUM, and run npm test again.`,
    );
    process.exit(1);
  }
  console.error("Installing Chromium from Debian's packages...");
  const env = { DEBIAN_FRONTEND: "noninteractive" };
  run("apt-get", ["update", "-q"], { env, stdio: ["ignore", "ignore", "inherit"] });
  must(
    "Installing Chromium",
    "apt-get",
    ["install", "-y", "-q", "--no-install-recommends", "chromium"],
    {
      env,
      stdio: ["ignore", "ignore", "inherit"],
    },
  );
  return CHROMIUM;
}

/** The first free port on this machine's own address, from TENON_PORT or 4170 upward; says which were taken. */
export async function findPort(first = Number(process.env.TENON_PORT ?? FIRST_PORT)) {
  for (let port = first; port < first + PORTS_TRIED; port++) {
    if (!(await answers(port))) return port;
    console.log(`Port ${port} is taken; trying ${port + 1}.`);
  }
  console.error(`No free port from ${first} to ${first + PORTS_TRIED - 1}.`);
  process.exit(1);
}

/** Whether something listens on a port; asking by connecting also sees listeners on other addresses. */
function answers(port) {
  return new Promise((resolve) => {
    const socket = createConnection({ host: "127.0.0.1", port });
    socket.once("connect", () => {
      socket.destroy();
      resolve(true);
    });
    socket.once("error", () => resolve(false));
  });
}
