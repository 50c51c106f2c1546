// npm run screenshots: the pictures of docs/screenshots, from the present build and fresh demo data.
import { bin, run } from "./lib/run.mjs";
import { ensureBuilt, ensureChromium, ensureInstalled } from "./lib/setup.mjs";

ensureInstalled();
ensureBuilt();
const env = { TENON_CHROMIUM: ensureChromium() };
process.exit(run(bin("tsx"), ["scripts/screenshots.mts"], { env }));
