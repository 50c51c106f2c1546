// npm start: Tenon with the player's own data, in TENON_DATA or ./data.
import { join } from "node:path";
import { ROOT } from "./lib/run.mjs";
import { serve } from "./lib/serve.mjs";
import { ensureBuilt, ensureInstalled } from "./lib/setup.mjs";

ensureInstalled();
ensureBuilt();
await serve(process.env.TENON_DATA ?? join(ROOT, "data"));
