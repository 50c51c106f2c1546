// npm run backup [-- FILE]: a whole copy of the data, also while Tenon runs. The folder is TENON_DATA, or ./data.
import { existsSync } from "node:fs";
import { join, resolve } from "node:path";
import { bin, ROOT, run } from "./lib/run.mjs";
import { ensureInstalled } from "./lib/setup.mjs";

const folder = resolve(process.env.TENON_DATA ?? join(ROOT, "data"));
const stamp = new Date().toISOString().slice(0, 19).replace(/:/g, "-");
const target = resolve(process.argv[2] ?? `tenon-${stamp}.sqlite`);

if (!existsSync(join(folder, "tenon.sqlite"))) {
  console.error(`There are no data in ${folder}; name their folder with TENON_DATA.`);
  process.exit(2);
}
if (existsSync(target)) {
  console.error(`${target} is there already; name another file.`);
  process.exit(2);
}
ensureInstalled();
process.exit(run(bin("tsx"), ["scripts/backup.ts", folder, target]));
