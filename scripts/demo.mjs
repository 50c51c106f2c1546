// npm run demo: from a fresh clone to a running Tenon with invented data.
import { existsSync } from "node:fs";
import { join } from "node:path";
import { ROOT } from "./lib/run.mjs";
import { serve } from "./lib/serve.mjs";
import { ensureBuilt, ensureInstalled, seed } from "./lib/setup.mjs";

const folder = join(ROOT, "data", "demo");

ensureInstalled();
ensureBuilt();
// Demo data that are there already hold what somebody has tried out; `npm run seed` starts afresh.
if (!existsSync(join(folder, "tenon.sqlite"))) seed(folder);
await serve(folder);
