// npm run bench: times over the core, as medians and ratios within one run.
import { bin, run } from "./lib/run.mjs";
import { ensureInstalled } from "./lib/setup.mjs";

ensureInstalled();
process.exit(run(bin("tsx"), ["bench/stack.ts"]));
