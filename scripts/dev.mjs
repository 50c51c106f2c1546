// npm run dev: for developers; pages are rebuilt as files change.
import { bin, stay } from "./lib/run.mjs";
import { ensureBundles, ensureInstalled, findPort } from "./lib/setup.mjs";

ensureInstalled();
ensureBundles();
const port = await findPort();
stay(bin("next"), ["dev", "-H", "127.0.0.1", "-p", String(port)]);
