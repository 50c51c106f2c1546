// npm run seed [-- FOLDER]: resets the demo data; what the demo held is kept beside it.
import { existsSync, renameSync } from "node:fs";
import { join, resolve } from "node:path";
import { ROOT } from "./lib/run.mjs";
import { ensureInstalled, seed } from "./lib/setup.mjs";

const folder = resolve(process.argv[2] ?? join(ROOT, "data", "demo"));

ensureInstalled();
if (existsSync(folder)) {
  const kept = `${folder}-${new Date().toISOString().replace(/[:.]/g, "-")}`;
  renameSync(folder, kept);
  console.log(`What was in ${folder} is now in ${kept}`);
}
seed(folder);
