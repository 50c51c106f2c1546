// npm test: every check there is, with all of its own set-up. Ends with one line that sums up.
import { mkdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { bin, ROOT, run } from "./lib/run.mjs";
import {
  ensureBuilt,
  ensureChromium,
  ensureBundles,
  ensureInstalled,
  findPort,
} from "./lib/setup.mjs";

const RESULTS = "test-results";
const JEST_REPORT = join(ROOT, RESULTS, "jest.json");
const PLAYWRIGHT_REPORT = join(ROOT, RESULTS, "playwright.json");
const DURABILITY_REPORT = join(ROOT, RESULTS, "durability.json");

const startedAt = Date.now();
ensureInstalled();
const chromium = ensureChromium();

let failed = 0;
let passed = 0;
const check = (what, command, args) => {
  console.log(`\n== ${what}`);
  if (run(command, args) !== 0) failed += 1;
};

// Next writes next-env.d.ts and its route types when it builds; the type check needs both.
console.log("\n== Build");
ensureBuilt();
ensureBundles();
check("Types", bin("tsc"), ["--noEmit"]);
check("Lint", bin("eslint"), [".", "--max-warnings", "0"]);
check("Layers", bin("depcruise"), ["src", "--config", ".dependency-cruiser.cjs"]);
check("Formatting", bin("prettier"), ["--check", "--log-level", "warn", "."]);

rmSync(join(ROOT, RESULTS), { recursive: true, force: true });
mkdirSync(join(ROOT, RESULTS));
console.log("\n== Unit tests");
const jestStatus = run(bin("jest"), ["--maxWorkers=2", "--json", `--outputFile=${JEST_REPORT}`]);
const jest = readReport(JEST_REPORT);
passed += jest?.numPassedTests ?? 0;
// A suite that cannot load counts as no failed test, so failed suites are counted beside them.
failed += atLeastOne(
  jestStatus,
  (jest?.numFailedTests ?? 0) + (jest?.numRuntimeErrorTestSuites ?? 0),
);

console.log("\n== Durability");
const durabilityStatus = run(bin("tsx"), ["bench/durability.mts", "--short"], {
  env: { TENON_DURABILITY_REPORT: DURABILITY_REPORT },
});
const durability = readReport(DURABILITY_REPORT);
passed += durability?.passed ?? 0;
failed += atLeastOne(durabilityStatus, durability?.failed ?? 0);

console.log("\n== Interface tests");
const firstPort = await findPort(4270);
const ports = [firstPort, await findPort(firstPort + 1)];
const playwrightStatus = run(bin("playwright"), ["test"], {
  env: {
    TENON_CHROMIUM: chromium,
    TENON_E2E_PORTS: ports.join(","),
    PLAYWRIGHT_JSON_OUTPUT_NAME: PLAYWRIGHT_REPORT,
  },
});
const playwright = readReport(PLAYWRIGHT_REPORT)?.stats;
passed += playwright?.expected ?? 0;
failed += atLeastOne(playwrightStatus, (playwright?.unexpected ?? 0) + (playwright?.flaky ?? 0));

console.log(`\nTook ${Math.round((Date.now() - startedAt) / 1000)} s`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

function readReport(path) {
  try {
    return JSON.parse(readFileSync(path, "utf8"));
  } catch {
    return null;
  }
}

/** A runner that ended badly has failed at least once, whatever its report says. */
function atLeastOne(status, count) {
  return status === 0 ? count : Math.max(1, count);
}
