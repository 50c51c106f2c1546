// npm run bench: times over the core, as medians and ratios within one run.
// npm run bench -- paint: from a key press to the painted neck, in the browser.
import { bin, run } from "./lib/run.mjs";
import { ensureBuilt, ensureChromium, ensureInstalled } from "./lib/setup.mjs";

const BENCHES = { stack: "bench/stack.ts", paint: "bench/paint.mts" };
const name = process.argv[2] ?? "stack";

if (!(name in BENCHES)) {
  console.error(`'${name}' is no benchmark; there are ${Object.keys(BENCHES).join(" and ")}.`);
  process.exit(2);
}
ensureInstalled();
const env = {};
if (name === "paint") {
  ensureBuilt();
  env.TENON_CHROMIUM = ensureChromium();
}
process.exit(run(bin("tsx"), [BENCHES[name]], { env }));
