// npm run --silent tenon -- COMMAND ...: the command line, bundled when its sources have changed.
import { join } from "node:path";
import { ROOT, run } from "./lib/run.mjs";
import { ensureBundles, ensureInstalled } from "./lib/setup.mjs";

ensureInstalled();
ensureBundles();
process.exit(run(process.execPath, [join(ROOT, "dist", "tenon.mjs"), ...process.argv.slice(2)]));
