// npm run bench: times over the core, as medians and ratios within one run.
// npm run bench -- search: the search for tunings, and how many times as fast as from scratch.
// npm run bench -- tuner: how far the tuner is off on strings that are known exactly.
// npm run bench -- fit: fits the weights of the effort and judges them; --write keeps them.
// npm run bench -- place: fits what players prefer and judges it; --write keeps the weights.
// npm run bench -- tempo: fits the timing constants and reports how well they predict; --write saves them.
// npm run bench -- route: routes through songs, and how the work grows with them.
// npm run bench -- paint: from a key press to the painted neck, in the browser.
// npm run bench -- page: script on the wire and layout shifts, in the browser.
// npm run bench -- song: from a pasted chart to the painted way, keys, clicks, in the browser.
// npm run bench -- longChart: typing into a chart of 250,000 characters, in the browser.
// npm run bench -- largeFiles: files larger and stranger than any song: seconds and memory, each in a process of its own.
// npm run bench -- windows: two and three windows on the same data, 200 times, in the browser.
// npm run bench -- practice: a log of 100,000 rounds: its views, and a round more.
// npm run bench -- formats: a song of 200 bars to each format, and 5 MB of MusicXML in.
// npm run bench -- fuzz: 10,000 damaged files over all readers: what fails, how long, how much memory.
// npm run bench -- month: simulated players under the practice planner and three plain plans; with a number, so many a group.
// npm run bench -- pageMonth: a month of sittings through the real page, day by day, with fast clocks; the log recomputed.
// npm run bench -- clocks: date-dependent tests under awkward dates and zones; --all runs every journey.
// npm run bench -- load: pages during a backup, 50 clients, 20,000 requests, 1 GB in pieces; with a name, that part alone.
// npm run bench -- durability: tries to make Tenon lose data; with kills, dropped, writers, disk, damage, pages or restored, that part alone.
import { join } from "node:path";
import { bin, must, ROOT, run } from "./lib/run.mjs";
import { ensureBuilt, ensureChromium, ensureInstalled } from "./lib/setup.mjs";

const BUNDLED = ["voicing", "search", "tuner", "fit", "place", "tempo", "route", "largeFiles"];
const BROWSER = ["paint", "page", "song", "longChart", "clocks", "windows", "pageMonth"];
const SERVER = ["durability", "practice", "load"];
const PLAIN = ["formats", "fuzz", "month"];
const name = process.argv[2] ?? "voicing";

const ALL = [...BUNDLED, ...BROWSER, ...SERVER, ...PLAIN];
if (!ALL.includes(name)) {
  console.error(`'${name}' is no benchmark; there are ${ALL.join(", ")}.`);
  process.exit(2);
}
ensureInstalled();
if (BROWSER.includes(name)) {
  ensureBuilt();
  const env = { TENON_CHROMIUM: ensureChromium() };
  process.exit(run(bin("tsx"), [`bench/${name}.mts`, ...process.argv.slice(3)], { env }));
}
if (PLAIN.includes(name)) {
  process.exit(run(bin("tsx"), [`bench/${name}.mts`, ...process.argv.slice(3)]));
}
if (SERVER.includes(name)) {
  ensureBuilt();
  process.exit(run(bin("tsx"), [`bench/${name}.mts`, ...process.argv.slice(3)]));
}
// Bundled as the command line is: a development runner's wrapped functions would be timed too.
const outfile = join("dist", `bench-${name}.mjs`);
must("Bundling the benchmark", bin("esbuild"), [
  `bench/${name}.ts`,
  "--bundle",
  "--platform=node",
  "--format=esm",
  "--target=node20",
  "--external:pdfkit",
  `--outfile=${outfile}`,
  "--log-level=warning",
]);
process.exit(run(process.execPath, [join(ROOT, outfile), ...process.argv.slice(3)]));
